import { labelOf } from '@obrik/core/catalog';
import type { SurfaceBeliefs } from '@obrik/core/inspect';
import {
  layerFeel,
  paintLayer,
  type Change,
  type LayerFeel,
  type PaintLayer,
} from '@obrik/core/piece';
import { showPercent } from '@obrik/core/units';
import { Input } from '@rneui/themed';
import { useState } from 'react';
import { View } from 'react-native';
import { Body, MainButton, Options, PlainButton, Small, Statement } from '@/ui/controls';
import { usePalette } from '@/ui/theme';

interface LayersPanelProps {
  readonly surfaceId: string;
  readonly layers: readonly PaintLayer[];
  readonly beliefs: SurfaceBeliefs;
  readonly onChange: (change: Change, done: string) => void;
}

const FEELS: Readonly<Record<LayerFeel, string>> = {
  unknown: 'Can’t say',
  rubbery: 'Rubbery',
  brittle: 'Brittle',
  powdery: 'Powdery',
  hard: 'Hard',
};

/** The layers seen at a notch or chip, top down: colour, feel, and what each is likely to be. */
export const LayersPanel = ({ surfaceId, layers, beliefs, onChange }: LayersPanelProps) => {
  const palette = usePalette();
  const [colour, setColour] = useState('');
  const [feel, setFeel] = useState<LayerFeel>('unknown');
  const [wrong, setWrong] = useState<string>();
  const put = (next: readonly PaintLayer[], done: string) =>
    onChange(
      {
        kind: 'layers',
        surfaceId,
        layers: next.map((it, index) => ({ ...it, layer: index + 1 })),
      },
      done,
    );
  const add = () => {
    const result = paintLayer.safeParse({ surfaceId, layer: layers.length + 1, colour, feel });
    if (!result.success) return setWrong(result.error.issues[0]?.message);
    setWrong(undefined);
    setColour('');
    setFeel('unknown');
    put([...layers, result.data], `Layer ${layers.length + 1}, ${result.data.colour}: on record.`);
  };
  const count = layers.length;
  return (
    <Statement
      title="Layers below"
      statement={count === 0 ? 'None recorded' : `${count} recorded, the top one first`}
      tag={{ text: count === 0 ? 'at a notch' : `${count}`, tone: 'plain' }}
    >
      {beliefs.layers.map((it) => (
        <View
          key={it.layer}
          style={{ borderLeftWidth: 4, borderLeftColor: palette.amberFill, paddingLeft: 10 }}
        >
          <Body>
            {it.layer}. {it.colour}: {labelOf('finish', it.likeliest)} ({showPercent(it.p)})
          </Body>
        </View>
      ))}
      {count > 0 ? (
        <PlainButton
          title="Take the lowest back"
          onPress={() => put(layers.slice(0, -1), `Layer ${count}: taken back.`)}
        />
      ) : null}
      <Input
        label={`Colour of layer ${count + 1}`}
        aria-label={`Colour of layer ${count + 1}`}
        aria-invalid={wrong !== undefined}
        value={colour}
        onChangeText={setColour}
        renderErrorMessage={wrong !== undefined}
        errorMessage={wrong}
        errorProps={{ role: 'alert' }}
      />
      <Small>“clear” for a film without a colour of its own.</Small>
      <Options
        label="How it feels"
        options={layerFeel.options.map((value) => ({ value, title: FEELS[value] }))}
        chosen={feel}
        onChoose={setFeel}
      />
      <MainButton title="Add this layer" onPress={add} />
    </Statement>
  );
};
