import { PALETTE } from '@obrik/core/catalog';
import { colourName } from '@obrik/core/coating';
import { createElement } from 'react';
import { Pressable, View } from 'react-native';
import { Label, Small, RadioGroup } from '@/ui/controls';
import { RADIUS, TARGET, usePalette } from '@/ui/theme';

interface SwatchesProps {
  /** Empty where none is chosen yet. */
  readonly chosen: string;
  readonly onChoose: (colour: string) => void;
}

/** The colours of the palette, and any other by the colour picker of the device. */
export const Swatches = ({ chosen, onChoose }: SwatchesProps) => {
  const palette = usePalette();
  return (
    <View style={{ gap: 8 }}>
      <Label>Colour</Label>
      <RadioGroup label="Colour">
        {PALETTE.rows.map((it) => {
          const isChosen = it.hex === chosen;
          return (
            <Pressable
              key={it.id}
              role="radio"
              aria-checked={isChosen}
              aria-label={it.label}
              onPress={() => onChoose(it.hex)}
              style={{ width: 82, gap: 2 }}
            >
              <View
                style={{
                  height: TARGET,
                  borderRadius: RADIUS,
                  borderWidth: isChosen ? 4 : 1,
                  borderColor: isChosen ? palette.amber : palette.ink2,
                  backgroundColor: it.hex,
                }}
              />
              <Small style={{ color: palette.ink, lineHeight: 16 }}>{it.label}</Small>
            </Pressable>
          );
        })}
      </RadioGroup>
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        {createElement('input', {
          type: 'color',
          value: chosen || '#888888',
          'aria-label': 'Any other colour',
          onChange: (event: { target: { value: string } }) => onChoose(event.target.value),
          style: { width: TARGET, height: TARGET, padding: 0, border: 'none', background: 'none' },
        })}
        <Small>{chosen ? `${colourName(chosen)}. ` : ''}The square picks any other colour.</Small>
      </View>
    </View>
  );
};

/** A dot of the colour to come; hatched empty where the wood is seen. */
export const Dot = ({ colour }: { readonly colour: string | undefined }) => {
  const palette = usePalette();
  return (
    <View
      aria-hidden
      style={{
        width: 18,
        height: 18,
        borderRadius: 9,
        borderWidth: 1,
        borderColor: palette.ink2,
        borderStyle: colour ? 'solid' : 'dashed',
        backgroundColor: colour,
      }}
    />
  );
};
