import { zodResolver } from '@hookform/resolvers/zod';
import { labelOf } from '@obrik/core/catalog';
import type { SurfaceBeliefs } from '@obrik/core/inspect';
import { layerFeel, paintLayer, type LayerFeel, type PaintLayer } from '@obrik/core/piece';
import { type PieceChange } from '@obrik/core/ledger';
import { showPercent } from '@obrik/core/units';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { useFormDraft } from '@/features/shared/useFormDraft';
import { Body, MainButton, Options, PlainButton, Statement } from '@/ui/controls';
import { Field } from '@/ui/forms';
import { usePalette } from '@/ui/theme';

interface LayersPanelProps {
  readonly pieceId: string;
  readonly surfaceId: string;
  readonly layers: readonly PaintLayer[];
  readonly beliefs: SurfaceBeliefs;
  /** Resolves to whether it is safe; until then what was typed stays. */
  readonly onChange: (change: PieceChange, done: string) => Promise<boolean>;
}

const FEELS: Readonly<Record<LayerFeel, string>> = {
  unknown: 'Can’t say',
  rubbery: 'Rubbery',
  brittle: 'Brittle',
  powdery: 'Powdery',
  hard: 'Hard',
};

/** What is asked of a layer. */
const layerForm = paintLayer.pick({ colour: true }).extend({ feel: layerFeel });
const NOTHING_SEEN = { colour: '', feel: 'unknown' } as const;

/** The layers seen at a notch or chip, top down: colour, feel, and what each is likely to be. */
export const LayersPanel = ({
  pieceId,
  surfaceId,
  layers,
  beliefs,
  onChange,
}: LayersPanelProps) => {
  const palette = usePalette();
  const form = useForm({
    resolver: zodResolver(layerForm),
    defaultValues: NOTHING_SEEN,
  });
  const forget = useFormDraft(form, `layers/${pieceId}/${surfaceId}`);
  const { control, handleSubmit, reset } = form;
  const put = (next: readonly PaintLayer[], done: string) =>
    onChange(
      {
        kind: 'layers',
        surfaceId,
        layers: next.map((it, index) => ({ ...it, layer: index + 1 })),
      },
      done,
    );
  const count = layers.length;
  const add = handleSubmit(async (seen) => {
    const layer = paintLayer.parse({ ...seen, surfaceId, layer: count + 1 });
    const done = await put([...layers, layer], `Layer ${count + 1}, ${layer.colour}: recorded.`);
    if (!done) return;
    forget();
    reset(NOTHING_SEEN);
  });
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
          title="Remove the lowest"
          onPress={() => void put(layers.slice(0, -1), `Layer ${count}: taken back.`)}
        />
      ) : null}
      <Field
        control={control}
        name="colour"
        label={`Colour of layer ${count + 1}`}
        hint="“clear” for a film without a colour of its own."
      />
      <Controller
        control={control}
        name="feel"
        render={({ field }) => (
          <Options
            label="How it feels"
            options={layerFeel.options.map((value) => ({ value, title: FEELS[value] }))}
            chosen={field.value}
            onChoose={field.onChange}
          />
        )}
      />
      <MainButton title="Add this layer" onPress={() => void add()} />
    </Statement>
  );
};
