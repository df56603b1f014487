import { Controller } from 'react-hook-form';
import { View } from 'react-native';
import { Switch } from '@rneui/themed';
import { Body, Card, Label, Options, Small } from '@/ui/controls';
import { Field, Stepper } from '@/ui/forms';
import { TARGET, usePalette } from '@/ui/theme';
import type { Builder } from './useBuilder';

/** Ages as people guess them; paint of before the first borders may hold lead. */
const AGES = [
  { value: 'before1940', title: 'Before 1940', from: '', to: '1939' },
  { value: '1940s', title: '1940–59', from: '1940', to: '1959' },
  { value: '1960s', title: '1960–78', from: '1960', to: '1978' },
  { value: '1980s', title: '1979–99', from: '1979', to: '1999' },
  { value: 'new', title: '2000 or later', from: '2000', to: '' },
  { value: 'unknown', title: 'Don’t know', from: '', to: '' },
] as const;

const FLAGS = [
  {
    name: 'childsRoom',
    title: 'Goes to a child’s room',
    says: 'If lead is found, don’t do this work yourself.',
  },
  {
    name: 'staysInPlace',
    title: 'Stays in place',
    says: 'Built in, or too big to move: the room is covered, and it is worked where it stands.',
  },
  {
    name: 'wetRoom',
    title: 'Wet room',
    says: 'Bathroom, kitchen, laundry: hard-wearing coats, sealed edges.',
  },
] as const;

/** Name, age, use and story of a piece. */
export const PieceFacts = ({ builder }: { readonly builder: Builder }) => {
  const palette = usePalette();
  const { form, values, change, build } = builder;
  const { control } = form;
  const age = AGES.find((it) => it.from === values.yearFrom && it.to === values.yearTo);
  return (
    <>
      <Card style={{ gap: 12 }}>
        <Label heading>Age</Label>
        <Options
          label="How old is it?"
          options={AGES.map(({ value, title }) => ({ value, title }))}
          chosen={age?.value}
          onChoose={(value) => {
            const row = AGES.find((it) => it.value === value);
            const told = { shouldDirty: true, shouldValidate: true } as const;
            form.setValue('yearFrom', row?.from ?? '', told);
            form.setValue('yearTo', row?.to ?? '', told);
          }}
        />
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <Field
              control={control}
              name="yearFrom"
              label="Earliest year"
              number
              hint="Year, or empty"
            />
          </View>
          <View style={{ flex: 1 }}>
            <Field
              control={control}
              name="yearTo"
              label="Latest year"
              number
              hint="Year, or empty"
            />
          </View>
        </View>
      </Card>
      <Card style={{ gap: 12 }}>
        <Label heading>Use</Label>
        {FLAGS.map(({ name, title, says }) => (
          <Controller
            key={name}
            control={control}
            name={name}
            render={({ field }) => (
              <View
                style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: TARGET }}
              >
                <Switch
                  value={field.value}
                  onValueChange={field.onChange}
                  aria-label={title}
                  trackColor={{ true: palette.moss, false: palette.ink2 }}
                  thumbColor={palette.card}
                />
                <View style={{ flex: 1 }}>
                  <Body>{title}</Body>
                  <Small>{says}</Small>
                </View>
              </View>
            )}
          />
        ))}
        <Stepper
          label="alike, worked together"
          value={build.count}
          least={1}
          most={50}
          onChange={(count) => change((it) => ({ ...it, count }))}
        />
      </Card>
      <Field control={control} name="origin" label="Source and price" lines={2} />
      <Field control={control} name="keep" label="What the owner wants to keep" lines={2} />
    </>
  );
};
