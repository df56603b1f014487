import {
  MOST_BODIES,
  addBody,
  assemble,
  freshSurfaceId,
  read,
  build as buildSchema,
} from '@obrik/core/piece';
import { showArea, showLength, type UnitSystem } from '@obrik/core/units';
import { counted } from '@obrik/core/words';
import { useState, type ReactNode } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { View } from 'react-native';
import { Card, Label, Option, PlainButton, Small, TwoPanes, useWide } from '@/ui/controls';
import { BuildDrawing } from '@/ui/drawings';
import { Field } from '@/ui/forms';
import type { PieceForm } from '../pieceForm';
import { ADDABLE, BodyFields } from './BodyFields';
import { CellPanel } from './CellPanel';
import { chosenBy, choicesIn, isSamePart, isFaceOf, type ChosenPart } from './parts';
import { PieceFacts } from './PieceFacts';
import { SurfacePanel } from './SurfacePanel';
import { useBuilder } from './useBuilder';

interface PieceBuilderProps {
  readonly form: UseFormReturn<PieceForm>;
  readonly units: UnitSystem;
  readonly head: ReactNode;
  readonly below?: ReactNode;
  readonly foot: ReactNode;
}

/** An area for a surface that no body has, mm²: a board of 500 × 400. */
const USUAL_OWN_MM2 = 200_000;

const CENTRED = { textAlign: 'center' } as const;

/** Builds a piece: tap a part of the drawing to change it, or type it all. */
export const PieceBuilder = ({ form, units, head, below, foot }: PieceBuilderProps) => {
  const wide = useWide();
  const builder = useBuilder(form, units);
  const [chosen, setChosen] = useState<ChosenPart>();
  const [adding, setAdding] = useState(false);
  const { values, change } = builder;
  // While a figure can't be read the drawing stays as it was last.
  const [drawn, setDrawn] = useState(builder.build);
  const readable = read(buildSchema, builder.build);
  const now = readable.ok ? builder.build : drawn;
  if (readable.ok && drawn !== builder.build && JSON.stringify(drawn) !== JSON.stringify(now)) {
    setDrawn(builder.build);
  }
  const { surfaces, size } = assemble(now);
  const area = surfaces.reduce((sum, it) => sum + it.areaMm2, 0);
  const all = choicesIn(now);
  const index = all.findIndex((it) => isSamePart(it, chosen));
  const step = (by: number) => setChosen(all[(index + by + all.length) % all.length]);
  const measure = (mm: number) => showLength(mm, units).replace(/ (mm|in)$/, '');
  const unit = units === 'metric' ? 'mm' : 'in';

  const addSurface = () => {
    const id = freshSurfaceId(surfaces.map((it) => it.id));
    change((it) => ({
      ...it,
      added: [
        ...it.added,
        { id, name: 'Another part', role: 'fixedPanel', profile: 'flat', areaMm2: USUAL_OWN_MM2 },
      ],
    }));
    setChosen({ of: 'surface', surfaceId: id });
  };

  const drawing = (
    <Card style={{ gap: 8 }}>
      <BuildDrawing
        build={now}
        maxHeight={wide ? 420 : 270}
        isChosen={(face) => isFaceOf(face, chosen)}
        onTap={(face) => {
          const it = chosenBy(face);
          setChosen(isSamePart(it, chosen) ? undefined : it);
        }}
        label={`Drawing: ${counted(surfaces.length, 'surface')}. Tap a part to change it.`}
      />
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        <PlainButton title="‹" label="Part before" onPress={() => step(-1)} />
        <View style={{ flex: 1, alignItems: 'center' }}>
          <Small style={CENTRED}>
            {chosen ? 'Tap it again when you are done.' : 'Tap a part to change it.'}
          </Small>
          <Small style={CENTRED}>
            {`${counted(surfaces.length, 'surface')}, ${showArea(area, units)} · ${measure(size.width)} × ${measure(size.depth)} × ${measure(size.height)} ${unit}`}
          </Small>
        </View>
        <PlainButton title="›" label="Next part" onPress={() => step(1)} />
      </View>
    </Card>
  );
  const panel =
    chosen === undefined ? null : (
      <Card edge="amber" style={{ gap: 12 }}>
        {chosen.of === 'cell' ? (
          <>
            <CellPanel
              key={JSON.stringify(chosen)}
              builder={builder}
              at={chosen}
              onClose={() => setChosen(undefined)}
            />
            <CellSurface builder={builder} at={chosen} onChoose={(it) => setChosen(it)} />
          </>
        ) : (
          <SurfacePanel
            key={chosen.surfaceId}
            builder={builder}
            surfaceId={chosen.surfaceId}
            onChoose={(surfaceId) => setChosen({ of: 'surface', surfaceId })}
          />
        )}
        <PlainButton title="Done with this part" onPress={() => setChosen(undefined)} />
      </Card>
    );
  const rest = (
    <>
      <Field
        control={form.control}
        name="name"
        label="Name"
        hint="What you call it at the bench."
      />
      {builder.build.bodies.map((it) => (
        <BodyFields key={it.id} builder={builder} body={it} />
      ))}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {values.build.bodies.length < MOST_BODIES ? (
          <PlainButton
            title={adding ? 'Nothing to add' : 'Add a part'}
            onPress={() => setAdding(!adding)}
          />
        ) : null}
        <PlainButton title="Add a surface" onPress={addSurface} />
      </View>
      {adding ? (
        <Card style={{ gap: 8 }}>
          {(['on', 'beside'] as const).map((stands) => (
            <View key={stands} style={{ gap: 6 }}>
              <Label>{stands === 'on' ? 'On top' : 'Beside it'}</Label>
              <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
                {ADDABLE.map((it) => (
                  <Option
                    key={it.kind}
                    role="button"
                    title={it.title}
                    label={`${it.title}, ${stands === 'on' ? 'on top' : 'beside it'}`}
                    onPress={() => {
                      change((one) => addBody(one, it.kind, stands));
                      setAdding(false);
                    }}
                  />
                ))}
              </View>
            </View>
          ))}
        </Card>
      ) : null}
      <PieceFacts builder={builder} />
      {below}
    </>
  );
  return (
    <TwoPanes
      left={
        <>
          {head}
          {drawing}
          {panel}
        </>
      }
      right={rest}
      foot={foot}
    />
  );
};

/** From a cell to the surface that it is part of. */
const CellSurface = ({
  builder,
  at,
  onChoose,
}: {
  readonly builder: ReturnType<typeof useBuilder>;
  readonly at: Extract<ChosenPart, { of: 'cell' }>;
  readonly onChoose: (it: ChosenPart) => void;
}) => {
  const { faces, surfaces } = assemble(builder.build);
  const face = faces.find(
    (it) => it.cell?.bodyId === at.bodyId && it.cell.lane === at.lane && it.cell.index === at.index,
  );
  const surface = surfaces.find((it) => it.id === face?.surfaceId);
  return surface ? (
    <PlainButton
      title={`Shape and area: ${surface.name.toLowerCase()}`}
      onPress={() => onChoose({ of: 'surface', surfaceId: surface.id })}
    />
  ) : null;
};
