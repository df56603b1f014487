import { Input } from '@rneui/themed';
import { Controller, type Control, type FieldPath, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { boxOf, usePalette } from '../theme';
import { Small } from '../controls';

interface FieldProps<Values extends FieldValues, Read> {
  /** Of a form that hands on what it read, be it other than what was typed. */
  readonly control: Control<Values, unknown, Read>;
  readonly name: FieldPath<Values>;
  readonly label: string;
  readonly hint?: string;
  readonly number?: boolean;
  readonly lines?: number;
  /** Shown as long as nothing was typed. */
  readonly shownInstead?: string;
}

/** A labelled field of a form, with what is wrong with it beside it. */
export const Field = <Values extends FieldValues, Read>({
  control,
  name,
  label,
  hint,
  number,
  lines,
  shownInstead = '',
}: FieldProps<Values, Read>) => {
  const palette = usePalette();
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState: { error } }) => (
        <View style={{ gap: 2 }}>
          <Input
            ref={field.ref}
            label={label}
            aria-label={label}
            aria-invalid={error !== undefined}
            value={String(field.value ?? shownInstead)}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            inputMode={number ? 'decimal' : 'text'}
            multiline={lines !== undefined}
            numberOfLines={lines}
            renderErrorMessage={error !== undefined}
            errorMessage={error?.message}
            errorProps={{ role: 'alert' }}
            inputContainerStyle={{
              ...boxOf(palette),
              ...(error
                ? { borderColor: palette.vermilion, borderWidth: 2, borderBottomWidth: 2 }
                : {}),
            }}
          />
          {hint ? <Small>{hint}</Small> : null}
        </View>
      )}
    />
  );
};
