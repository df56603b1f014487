import { zodResolver } from '@hookform/resolvers/zod';
import {
  hardware as hardwareSchema,
  assemble,
  type Hardware,
  type PieceRecord,
} from '@obrik/core/piece';
import { DISPOSITIONS, hardwareAdvice } from '@obrik/core/words';
import { lengthToTyped, showLength, type UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { useChange, useShop } from '@/api/usePiece';
import {
  Body,
  Card,
  Empty,
  Heading,
  Label,
  MainButton,
  Options,
  PlainButton,
  Small,
  TitleRow,
  TwoPanes,
} from '@/ui/controls';
import { Field } from '@/ui/forms';
import { typedFigure, typedLength } from '@/features/shared/typed';
import { NumberedFront } from './NumberedFront';
import { KINDS, fittingsInWords } from './words';

/** What is asked of fittings; figures as they are typed. */
const fittingsForm = (units: UnitSystem) => {
  const { shape } = hardwareSchema;
  return z.object({
    kind: shape.kind,
    name: shape.name.unwrap(),
    count: typedFigure(
      z
        .number()
        .nullable()
        .transform((it) => it ?? NaN)
        .pipe(shape.count),
    ),
    missing: typedFigure(
      z
        .number()
        .nullable()
        .transform((it) => it ?? 0)
        .pipe(shape.missing.unwrap()),
    ),
    holeSpacingMm: typedLength(shape.holeSpacingMm.unwrap(), units),
    bag: shape.bag.unwrap(),
    disposition: shape.disposition.unwrap(),
  });
};
type Typed = z.input<ReturnType<typeof fittingsForm>>;

const EMPTY: Typed = {
  kind: 'pull',
  name: '',
  count: '1',
  missing: '0',
  holeSpacingMm: '',
  bag: '',
  disposition: 'keep',
};

const typedFrom = (it: Hardware, units: UnitSystem): Typed => ({
  kind: it.kind,
  name: it.name,
  count: String(it.count),
  missing: String(it.missing),
  holeSpacingMm: it.holeSpacingMm === null ? '' : lengthToTyped(it.holeSpacingMm, units),
  bag: it.bag,
  disposition: it.disposition,
});

/** Puts one kind of fittings on the list, or changes those that are on it. */
const FittingsForm = ({
  old,
  units,
  onDone,
  onLeave,
}: {
  readonly old?: Hardware;
  readonly units: UnitSystem;
  /** Resolves to whether it is safe; until then what was typed stays. */
  readonly onDone: (it: Hardware) => Promise<boolean>;
  readonly onLeave?: () => void;
}) => {
  const [resolver] = useState(() => zodResolver(fittingsForm(units)));
  const { control, handleSubmit, reset } = useForm({
    resolver,
    defaultValues: old ? typedFrom(old, units) : EMPTY,
  });
  const finish = handleSubmit(async (typed) => {
    const done = await onDone(hardwareSchema.parse({ ...typed, id: old?.id ?? nanoid() }));
    if (done) reset({ ...EMPTY, kind: typed.kind, disposition: typed.disposition });
  });
  const field = (name: 'count' | 'missing' | 'holeSpacingMm' | 'bag', label: string) => (
    <View style={{ flexGrow: 1, flexBasis: 100 }}>
      <Field control={control} name={name} label={label} number={name !== 'bag'} />
    </View>
  );
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>{old ? `Change: ${fittingsInWords(old)}` : 'Add to the list'}</Label>
      <Controller
        control={control}
        name="kind"
        render={({ field: { value, onChange } }) => (
          <Options label="Kind" options={KINDS} chosen={value} onChoose={onChange} />
        )}
      />
      <Field control={control} name="name" label="What it looks like" />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {field('count', 'How many')}
        {field('missing', 'Missing')}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {field('holeSpacingMm', `Hole spacing in ${units === 'us' ? 'in' : 'mm'}`)}
        {field('bag', 'Bag')}
      </View>
      <Controller
        control={control}
        name="disposition"
        render={({ field: { value, onChange } }) => (
          <Options
            label="What happens to it"
            options={hardwareSchema.shape.disposition.unwrap().options.map((one) => ({
              value: one,
              title: DISPOSITIONS[one],
            }))}
            chosen={value}
            onChoose={onChange}
          />
        )}
      />
      <MainButton title={old ? 'Keep the change' : 'Add it'} onPress={() => void finish()} />
      {onLeave ? <PlainButton title="Cancel" onPress={onLeave} /> : null}
    </Card>
  );
};

/** One kind of fittings on the list. */
const FittingsCard = ({
  fittings,
  units,
  onEdit,
  onTakeOff,
}: {
  readonly fittings: Hardware;
  readonly units: UnitSystem;
  readonly onEdit: () => void;
  readonly onTakeOff: () => void;
}) => {
  const advice = hardwareAdvice(fittings);
  const name = fittingsInWords(fittings);
  return (
    <Card edge={fittings.missing > 0 ? 'amber' : undefined} style={{ gap: 4 }}>
      <TitleRow title={name} figure={fittings.bag ? `bag ${fittings.bag}` : 'no bag'} />
      <Small>
        {DISPOSITIONS[fittings.disposition]}
        {fittings.holeSpacingMm === null
          ? ''
          : ` · holes ${showLength(fittings.holeSpacingMm, units)} apart`}
        {fittings.missing > 0 ? ` · ${fittings.missing} missing` : ''}
      </Small>
      {advice ? <Body>{advice}</Body> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <PlainButton title="Change" label={`Change: ${name}`} onPress={onEdit} />
        <PlainButton
          title="Remove from the list"
          label={`Remove from the list: ${name}`}
          onPress={onTakeOff}
        />
      </View>
    </Card>
  );
};

/** What comes off the piece: list, map of drawers and doors, labels to print. */
export const HardwareScreen = ({ record }: { readonly record: PieceRecord }) => {
  const { piece } = record;
  const router = useRouter();
  const shop = useShop();
  const change = useChange();
  const [edited, setEdited] = useState<string | null>(null);
  const fit = (it: Hardware, done: string) =>
    change(piece.id, { kind: 'fit', hardware: it }, `${fittingsInWords(it)}: ${done}.`);
  const loose = assemble(piece.build).loose;
  return (
    <TwoPanes
      foot={
        <PlainButton
          title="Map and labels to print"
          onPress={() => router.navigate(`/pieces/${piece.id}/labels`)}
        />
      }
      left={
        <>
          <Heading>Hardware</Heading>
          {loose.drawers + loose.doors > 0 ? (
            <Card style={{ gap: 8 }}>
              <Label heading>Numbers of drawers and doors</Label>
              <NumberedFront piece={piece} maxHeight={200} />
              <Small>
                Write each number underneath or in the hinge recess, with an arrow for up; tape over
                it.
              </Small>
            </Card>
          ) : null}
        </>
      }
      right={
        <>
          {piece.hardware.length === 0 ? (
            <Empty
              title="Nothing on the list"
              text="Look closely while you take it off. One labelled bag for each kind."
            />
          ) : (
            piece.hardware.map((it) =>
              it.id === edited ? (
                <FittingsForm
                  key={it.id}
                  old={it}
                  units={shop.units}
                  onDone={async (changed) => {
                    const done = await fit(changed, 'changed');
                    if (done) setEdited(null);
                    return done;
                  }}
                  onLeave={() => setEdited(null)}
                />
              ) : (
                <FittingsCard
                  key={it.id}
                  fittings={it}
                  units={shop.units}
                  onEdit={() => setEdited(it.id)}
                  onTakeOff={() =>
                    void change(
                      piece.id,
                      { kind: 'unfit', hardwareId: it.id },
                      `${fittingsInWords(it)}: off the list.`,
                    )
                  }
                />
              ),
            )
          )}
          <FittingsForm units={shop.units} onDone={(it) => fit(it, 'on the list')} />
          <PlainButton
            title="Back to Look"
            onPress={() => router.navigate(`/pieces/${piece.id}/look`)}
          />
        </>
      }
    />
  );
};
