import { TEMPLATES, surfacesOf, templateOf } from '@obrik/core/piece';
import { showArea, showLength, type UnitSystem } from '@obrik/core/units';
import { Switch } from '@rneui/themed';
import { Controller, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { Body, Card, Label, Options, Small, Strong } from '@/ui/controls';
import { Field } from '@/ui/forms';
import { UnfoldedPiece } from '@/ui/drawings';
import { TARGET, usePalette } from '@/ui/theme';
import { descriptionOf, type PieceForm } from './pieceForm';

interface PieceFieldsProps {
  readonly control: Control<PieceForm>;
  readonly units: UnitSystem;
}

const NOTHING = new Map<string, never>();
const NOBODY = new Set<string>();

/** The piece as it is described so far, to see at once whether the measures are right. */
const Preview = ({ form, units }: { readonly form: PieceForm; readonly units: UnitSystem }) => {
  const result = descriptionOf(
    { ...form, name: form.name || 'x', yearFrom: '', yearTo: '' },
    units,
  );
  if (!result.ok) return <Small>The drawing appears when the measures fit.</Small>;
  const area = surfacesOf(result.value).reduce((sum, it) => sum + it.areaMm2, 0);
  return (
    <View style={{ gap: 8 }}>
      <View aria-hidden pointerEvents="none" {...{ inert: true }}>
        <UnfoldedPiece
          piece={result.value}
          marks={NOTHING}
          selected={NOBODY}
          onSelect={() => undefined}
          maxHeight={200}
          facesOnly
        />
      </View>
      <Small>
        {surfacesOf(result.value).length} surfaces, {showArea(area, units)} in all.
      </Small>
    </View>
  );
};

/** Everything asked about a piece when it is taken in. */
export const PieceFields = ({ control, units }: PieceFieldsProps) => {
  const palette = usePalette();
  const form = useWatch({ control }) as PieceForm;
  const template = templateOf(form.templateId);
  return (
    <>
      <Field control={control} name="name" label="Name" hint="What you call it at the bench." />
      <View style={{ gap: 8 }}>
        <Strong>What is it?</Strong>
        <Controller
          control={control}
          name="templateId"
          render={({ field }) => (
            <Options
              label="What is it?"
              options={TEMPLATES.map((it) => ({ value: it.id, title: it.name }))}
              chosen={field.value}
              onChoose={field.onChange}
            />
          )}
        />
      </View>
      <Card style={{ gap: 12 }}>
        <Label heading>Measures {units === 'metric' ? 'in mm' : 'in inches'}</Label>
        <Preview form={form} units={units} />
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
          {template.measures.map((it) => (
            <View key={`${template.id}-${it.id}`} style={{ flexGrow: 1, flexBasis: 140 }}>
              <Field
                control={control}
                name={`measures.${template.id}.${it.id}`}
                label={it.label}
                number
                hint={
                  it.kind === 'length'
                    ? `${showLength(it.min, units)} to ${showLength(it.max, units)}`
                    : `${it.min} to ${it.max}`
                }
              />
            </View>
          ))}
        </View>
      </Card>
      <Card style={{ gap: 12 }}>
        <Label heading>Age and use</Label>
        <View style={{ flexDirection: 'row', gap: 12 }}>
          <View style={{ flex: 1 }}>
            <Field
              control={control}
              name="yearFrom"
              label="Made from"
              number
              hint="Year, or empty"
            />
          </View>
          <View style={{ flex: 1 }}>
            <Field
              control={control}
              name="yearTo"
              label="Made until"
              number
              hint="Year, or empty"
            />
          </View>
        </View>
        <Controller
          control={control}
          name="childsRoom"
          render={({ field }) => (
            <View
              style={{ flexDirection: 'row', alignItems: 'center', gap: 12, minHeight: TARGET }}
            >
              <Switch
                value={field.value}
                onValueChange={field.onChange}
                aria-label="Goes to a child’s room"
                trackColor={{ true: palette.moss, false: palette.ink2 }}
                thumbColor={palette.card}
              />
              <View style={{ flex: 1 }}>
                <Body>Goes to a child’s room</Body>
                <Small>If lead is found, don’t do this work yourself.</Small>
              </View>
            </View>
          )}
        />
      </Card>
      <Field control={control} name="origin" label="Source and price" lines={2} />
      <Field control={control} name="keep" label="What the owner wants to keep" lines={2} />
    </>
  );
};
