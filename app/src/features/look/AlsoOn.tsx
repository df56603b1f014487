import type { Surface } from '@obrik/core/piece';
import { counted } from '@obrik/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Option, PlainButton, Small } from '@/ui/controls';
import { GroupRow } from './GroupRow';

const WORDS = {
  looks: {
    open: 'Record for more surfaces',
    says: 'You look at these too: what you tap next is recorded for each. A figure counts for one surface.',
  },
  samples: {
    open: 'One sample for several surfaces',
    says: 'Only those painted the same, coat for coat: same colours and number of layers at an edge. Lead found in the sample counts for all of them.',
  },
} as const;

interface AlsoOnProps {
  /** What is recorded for them: looks made on each, or one sample of paint that speaks for all. */
  readonly of: keyof typeof WORDS;
  /** The other surfaces of the piece. */
  readonly surfaces: readonly Surface[];
  readonly chosen: readonly string[];
  readonly onChoose: (surfaceIds: readonly string[]) => void;
}

/** For which other surfaces the next answers are recorded as well. */
export const AlsoOn = ({ of, surfaces, chosen, onChoose }: AlsoOnProps) => {
  const [open, setOpen] = useState(false);
  if (surfaces.length === 0) return null;
  if (!open) {
    return (
      <PlainButton
        title={
          chosen.length === 0
            ? WORDS[of].open
            : `Recorded for ${counted(chosen.length + 1, 'surface')}`
        }
        onPress={() => setOpen(true)}
      />
    );
  }
  return (
    <View style={{ gap: 8 }}>
      <Small>{WORDS[of].says}</Small>
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
