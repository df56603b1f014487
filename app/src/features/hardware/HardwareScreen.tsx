import { zodResolver } from '@hookform/resolvers/zod';
import {
  fittingsToldOf,
  hardware as hardwareSchema,
  assemble,
  movesHoles,
  type Hardware,
  type PieceRecord,
} from '@obrik/core/piece';
import { DISPOSITIONS, hardwareAdvice } from '@obrik/core/words';
import { lengthToTyped, showLength, type UnitSystem } from '@obrik/core/units';
import { nanoid } from '@reduxjs/toolkit';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
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
import { useFormDraft } from '@/features/shared/useFormDraft';
import { useKept } from '@/features/shared/useKept';
import { useMoney } from '@/features/shared/useMoney';
import { typedFigure, typedLength } from '@/features/shared/typed';
import { NumberedFront } from './NumberedFront';
import { FITTING_KINDS } from './words';

/** Reads an amount as it is typed: null for nothing, undefined where it can't be read. */
type MoneyReader = (typed: string) => number | null | undefined;

/** What is asked of fittings; figures as they are typed. */
const fittingsForm = (units: UnitSystem, readMoney: MoneyReader) => {
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
    /** Of new ones: one screw or two, and their spacing; asked where they are replaced. */
    newOnes: z.enum(['unknown', 'single', 'spaced']),
    newSpacingMm: typedLength(shape.holeSpacingMm.unwrap(), units),
    priceEach: z
      .string()
      .refine((it) => readMoney(it) !== undefined, 'Enter an amount such as 4.50.'),
  });
};

/** What was read from the form, as fittings are kept. */
const fittingsOf = (
  it: z.output<ReturnType<typeof fittingsForm>>,
  old: Hardware | undefined,
  readMoney: MoneyReader,
): Hardware => {
  const { newOnes, newSpacingMm, priceEach, ...rest } = it;
  return hardwareSchema.parse({
    ...old,
    ...rest,
    id: old?.id ?? nanoid(),
    holeSpacingMm: it.kind === 'knob' ? null : it.holeSpacingMm,
    replacement:
      it.disposition !== 'replace' || newOnes === 'unknown'
        ? null
        : newOnes === 'single'
          ? { single: true, holeSpacingMm: null }
          : { single: false, holeSpacingMm: newSpacingMm },
    priceEach: readMoney(priceEach) ?? null,
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
  newOnes: 'unknown',
  newSpacingMm: '',
  priceEach: '',
};

const typedFrom = (
  it: Hardware,
  units: UnitSystem,
  toTyped: (amount: number | null) => string,
): Typed => ({
  kind: it.kind,
  name: it.name,
  count: String(it.count),
  missing: String(it.missing),
  holeSpacingMm: it.holeSpacingMm === null ? '' : lengthToTyped(it.holeSpacingMm, units),
  bag: it.bag,
  disposition: it.disposition,
  newOnes: it.replacement === null ? 'unknown' : it.replacement.single ? 'single' : 'spaced',
  newSpacingMm:
    it.replacement?.holeSpacingMm == null ? '' : lengthToTyped(it.replacement.holeSpacingMm, units),
  priceEach: toTyped(it.priceEach),
});

const NEW_ONES = [
  { value: 'unknown', title: 'Not known yet' },
  { value: 'single', title: 'One screw' },
  { value: 'spaced', title: 'Two screws' },
] as const;

/** Puts one kind of fittings on the list, or changes those that are on it. */
const FittingsForm = ({
  pieceId,
  old,
  units,
  onDone,
  onLeave,
}: {
  readonly pieceId: string;
  readonly old?: Hardware;
  readonly units: UnitSystem;
  /** Resolves to whether it is safe; until then what was typed stays. */
  readonly onDone: (it: Hardware) => Promise<boolean>;
  readonly onLeave?: () => void;
}) => {
  const money = useMoney();
  const [resolver] = useState(() => zodResolver(fittingsForm(units, money.read)));
  const form = useForm({
    resolver,
    defaultValues: old ? typedFrom(old, units, money.toTyped) : EMPTY,
  });
  const forget = useFormDraft(form, `fittings/${pieceId}/${old?.id ?? 'new'}/${units}`);
  const { control, handleSubmit, reset } = form;
  const kind = useWatch({ control, name: 'kind' });
  const disposition = useWatch({ control, name: 'disposition' });
  const missing = useWatch({ control, name: 'missing' });
  const newOnes = useWatch({ control, name: 'newOnes' });
  const isReplaced = disposition === 'replace';
  const isBought = isReplaced || Number(missing) > 0;
  const finish = handleSubmit(async (typed) => {
    const done = await onDone(fittingsOf(typed, old, money.read));
    if (!done) return;
    forget();
    reset({ ...EMPTY, kind: typed.kind, disposition: typed.disposition });
  });
  const inUnits = units === 'us' ? 'in' : 'mm';
  const field = (
    name: 'count' | 'missing' | 'holeSpacingMm' | 'bag' | 'newSpacingMm' | 'priceEach',
    label: string,
  ) => (
    <View style={{ flexGrow: 1, flexBasis: 100 }}>
      <Field control={control} name={name} label={label} number={name !== 'bag'} />
    </View>
  );
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>{old ? `Change: ${fittingsToldOf(old)}` : 'Add to the list'}</Label>
      <Controller
        control={control}
        name="kind"
        render={({ field: { value, onChange } }) => (
          <Options label="Kind" options={FITTING_KINDS} chosen={value} onChoose={onChange} />
        )}
      />
      <Field control={control} name="name" label="What it looks like" />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {field('count', 'How many')}
        {field('missing', 'Missing')}
      </View>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {kind === 'knob' ? null : field('holeSpacingMm', `Hole spacing in ${inUnits}`)}
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
      {isReplaced ? (
        <>
          <Controller
            control={control}
            name="newOnes"
            render={({ field: { value, onChange } }) => (
              <Options
                label="What are the new ones like?"
                options={NEW_ONES}
                chosen={value}
                onChoose={onChange}
              />
            )}
          />
          {newOnes === 'spaced' ? (
            <View style={{ flexDirection: 'row' }}>
              {field('newSpacingMm', `Hole spacing of the new ones in ${inUnits}`)}
            </View>
          ) : null}
        </>
      ) : null}
      {isBought ? (
        <View style={{ flexDirection: 'row' }}>
          {field('priceEach', `What one new one costs${money.mark}`)}
        </View>
      ) : null}
      <MainButton title={old ? 'Keep the change' : 'Add it'} onPress={() => void finish()} />
      {onLeave ? (
        <PlainButton
          title="Cancel"
          onPress={() => {
            forget();
            onLeave();
          }}
        />
      ) : null}
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
  const advice = hardwareAdvice({
    ...fittings,
    moves: fittings.replacement === null ? null : movesHoles(fittings),
  });
  const name = fittingsToldOf(fittings);
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
  const [edited, setEdited] = useKept<string | null>(`fittings/${piece.id}`, null);
  const fit = (it: Hardware, done: string) =>
    change(piece.id, { kind: 'fit', hardware: it }, `${fittingsToldOf(it)}: ${done}.`);
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
                  pieceId={piece.id}
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
                      `${fittingsToldOf(it)}: off the list.`,
                    )
                  }
                />
              ),
            )
          )}
          <FittingsForm
            pieceId={piece.id}
            units={shop.units}
            onDone={(it) => fit(it, 'on the list')}
          />
          <PlainButton
            title="Back to Look"
            onPress={() => router.navigate(`/pieces/${piece.id}/look`)}
          />
        </>
      }
    />
  );
};
