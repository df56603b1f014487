import type { Surface } from '@obrik/core/piece';
import { counted } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Option, PlainButton, Small } from '@/ui/controls';
import { GroupRow } from './GroupRow';

interface AlsoOnProps {
  /** The other surfaces of the piece. */
  readonly surfaces: readonly Surface[];
  readonly chosen: readonly string[];
  readonly onChoose: (surfaceIds: readonly string[]) => void;
}

/** On which other surfaces the next looks are made as well: each counts as a look of its own. */
export const AlsoOn = ({ surfaces, chosen, onChoose }: AlsoOnProps) => {
  const [open, setOpen] = useState(false);
  if (surfaces.length === 0) return null;
  if (!open) {
    return (
      <PlainButton
        title={
          chosen.length === 0
            ? 'Record for more surfaces'
            : `Recorded for ${counted(chosen.length + 1, 'surface')}`
        }
        onPress={() => setOpen(true)}
      />
    );
  }
  return (
    <View style={{ gap: 8 }}>
      <Small>
        You look at these too: what you tap next is recorded for each. Figures and lead results hold
        for one surface alone.
      </Small>
      <GroupRow surfaces={surfaces} chosen={chosen} onChoose={onChoose} />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {surfaces.map(({ id, name }) => (
          <Option
            key={id}
            role="checkbox"
            title={name}
            chosen={chosen.includes(id)}
            onPress={() =>
              onChoose(chosen.includes(id) ? chosen.filter((it) => it !== id) : [...chosen, id])
            }
          />
        ))}
      </View>
      <PlainButton
        title="Close"
        label="Close the list of surfaces"
        onPress={() => setOpen(false)}
      />
    </View>
  );
};
