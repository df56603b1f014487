import { Input } from '@rneui/themed';
import { createElement, useId } from 'react';
import { Platform, View, type ViewStyle } from 'react-native';
import { Label, Small } from '../controls';
import { BUTTON_HEIGHT, FONTS, PALETTES, RADIUS, usePalette } from '../theme';

interface DayFieldProps {
  readonly label: string;
  /** "2026-12-24"; empty where no day is chosen. */
  readonly day: string;
  readonly onChoose: (day: string) => void;
  readonly hint?: string | undefined;
  readonly style?: ViewStyle;
}

/** A day, chosen from the calendar that the device itself has; typed where it has none. */
export const DayField = ({ label, day, onChoose, hint, style }: DayFieldProps) => {
  const palette = usePalette();
  const id = useId();
  if (Platform.OS !== 'web') {
    return <Input label={label} aria-label={label} value={day} onChangeText={onChoose} />;
  }
  return (
    <View style={{ gap: 4, ...style }}>
      <Label>{label}</Label>
      {createElement('input', {
        id,
        type: 'date',
        'aria-label': label,
        value: day,
        onChange: (event: { readonly target: { readonly value: string } }) =>
          onChoose(event.target.value),
        style: {
          minHeight: BUTTON_HEIGHT,
          padding: '0 12px',
          fontFamily: FONTS.text,
          fontSize: '1rem',
          color: palette.ink,
          backgroundColor: palette.card,
          border: `1px solid ${palette.ink2}`,
          borderRadius: RADIUS,
          // Its calendar is drawn by the browser.
          colorScheme: palette.paper === PALETTES.dark.paper ? 'dark' : 'light',
        },
      })}
      {hint ? <Small>{hint}</Small> : null}
    </View>
  );
};
