import {
  CHECKS,
  DISCOVERIES,
  DISCOVERY_GROUPS,
  type DiscoveryGroup,
  type DiscoveryKind,
} from '@obrik/core/catalog';
import type { Task } from '@obrik/core/work';
import { useState } from 'react';
import { View } from 'react-native';
import { BenchButton, Label } from '@/ui/controls';

/** What the questions of some tasks look for: that is what most likely turned up at them. */
export const likelyAt = (tasks: readonly Pick<Task, 'checks'>[]): readonly DiscoveryKind[] => [
  ...new Set(
    tasks
      .flatMap((it) => it.checks)
      .flatMap((it) => CHECKS.get(it.id).answers)
      .flatMap(({ means }) => (means.kind === 'discovery' ? [means.discovery] : [])),
  ),
];

interface KindPickerProps {
  readonly likely: readonly DiscoveryKind[];
  readonly onChoose: (kind: DiscoveryKind) => void;
}

/** What there is to choose from: the likely first, the rest by what it is about. */
export const KindPicker = ({ likely, onChoose }: KindPickerProps) => {
  const [open, setOpen] = useState<DiscoveryGroup>();
  const choice = (id: DiscoveryKind) => (
    <BenchButton key={id} title={DISCOVERIES.get(id).label} onPress={() => onChoose(id)} />
  );
  return (
    <>
      {likely.length > 0 ? (
        <View style={{ gap: 8 }}>
          <Label heading>Likely at this step</Label>
          {likely.map(choice)}
        </View>
      ) : null}
      <Label heading>{likely.length > 0 ? 'Something else' : 'What is it about?'}</Label>
      {(Object.keys(DISCOVERY_GROUPS) as DiscoveryGroup[]).map((group) => (
        <View key={group} style={{ gap: 8 }}>
          <BenchButton
            title={DISCOVERY_GROUPS[group]}
            main={open === group}
            onPress={() => setOpen(open === group ? undefined : group)}
          />
          {open === group ? (
            <View style={{ gap: 8, paddingLeft: 16 }}>
              {DISCOVERIES.rows.filter((it) => it.group === group).map((it) => choice(it.id))}
            </View>
          ) : null}
        </View>
      ))}
    </>
  );
};
