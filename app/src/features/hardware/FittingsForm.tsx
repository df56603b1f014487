import { zodResolver } from '@hookform/resolvers/zod';
import { fittingsToldOf, hardware as hardwareSchema, type Hardware } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';
import { DISPOSITIONS } from '@obrik/core/words';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { useFormDraft } from '@/features/shared/useFormDraft';
import { useMoney } from '@/features/shared/useMoney';
import { Card, Label, MainButton, Options, PlainButton } from '@/ui/controls';
import { Field } from '@/ui/forms';
import { NOTHING_TYPED, fittingsForm, fittingsOf, typedFrom } from './typedFittings';
import { FITTING_KINDS } from './words';

const NEW_ONES = [
  { value: 'unknown', title: 'Not known yet' },
  { value: 'single', title: 'One screw' },
  { value: 'spaced', title: 'Two screws' },
] as const;

/** Puts one kind of fittings on the list, or changes those that are on it. */
export const FittingsForm = ({
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
    defaultValues: old ? typedFrom(old, units, money.toTyped) : NOTHING_TYPED,
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
    reset({ ...NOTHING_TYPED, kind: typed.kind, disposition: typed.disposition });
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
