import { Button, Text } from '@rneui/themed';
import type { ReactElement } from 'react';
import { Pressable, type ViewStyle } from 'react-native';
import { BUTTON_HEIGHT, FONTS, RADIUS, SIZES, TARGET, usePalette } from '../theme';
import { RadioGroup } from './RadioGroup';

interface ButtonProps {
  readonly title: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
  readonly busy?: boolean;
  readonly style?: ViewStyle;
  readonly icon?: ReactElement<object>;
  readonly label?: string;
}

/** The main thing to do on a screen. */
export const MainButton = ({ title, onPress, disabled, busy, style, icon, label }: ButtonProps) => {
  const palette = usePalette();
  return (
    <Button
      title={title}
      onPress={onPress}
      disabled={disabled}
      loading={busy}
      icon={icon}
      accessibilityLabel={label ?? title}
      containerStyle={style}
      disabledStyle={{ backgroundColor: palette.line }}
      disabledTitleStyle={{ color: palette.ink2 }}
    />
  );
};

/** Anything else that can be done. */
export const PlainButton = ({ title, onPress, disabled, style, icon, label }: ButtonProps) => {
  const palette = usePalette();
  return (
    <Button
      type="outline"
      title={title}
      onPress={onPress}
      disabled={disabled}
      icon={icon}
      accessibilityLabel={label ?? title}
      containerStyle={style}
      titleStyle={{ color: palette.ink }}
      buttonStyle={{
        minHeight: TARGET,
        minWidth: TARGET,
        backgroundColor: palette.card,
        borderColor: palette.ink2,
        borderWidth: 1,
      }}
    />
  );
};

interface OptionProps {
  readonly title: string;
  readonly chosen?: boolean;
  readonly onPress: () => void;
  readonly label?: string;
  readonly role?: 'radio' | 'checkbox' | 'button';
}

/** One of several options; the chosen one is filled and ticked. */
export const Option = ({ title, chosen = false, onPress, label, role = 'radio' }: OptionProps) => {
  const palette = usePalette();
  return (
    <Pressable
      role={role}
      aria-label={label ?? title}
      {...(role === 'button' ? {} : { 'aria-checked': chosen })}
      onPress={onPress}
      style={{
        minHeight: TARGET,
        minWidth: TARGET,
        maxWidth: '100%',
        flexShrink: 1,
        paddingHorizontal: 14,
        paddingVertical: 8,
        justifyContent: 'center',
        borderRadius: RADIUS,
        borderWidth: chosen ? 2 : 1,
        borderColor: chosen ? palette.ink : palette.ink2,
        backgroundColor: chosen ? palette.ink : palette.card,
      }}
    >
      <Text
        style={{
          fontFamily: FONTS.headBold,
          fontSize: SIZES.title,
          color: chosen ? palette.card : palette.ink,
        }}
      >
        {chosen && role !== 'button' ? `✓ ${title}` : title}
      </Text>
    </Pressable>
  );
};

interface OptionsProps<Value extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly title: string }[];
  readonly chosen: Value | undefined;
  readonly onChoose: (value: Value) => void;
}

/** A group of options of which one is chosen. */
export const Options = <Value extends string>({
  label,
  options,
  chosen,
  onChoose,
}: OptionsProps<Value>) => (
  <RadioGroup label={label}>
    {options.map((it) => (
      <Option
        key={it.value}
        title={it.title}
        chosen={it.value === chosen}
        onPress={() => onChoose(it.value)}
      />
    ))}
  </RadioGroup>
);

interface RowProps {
  readonly children: React.ReactNode;
  readonly onPress: () => void;
  readonly label: string;
  readonly expanded?: boolean;
  readonly style?: ViewStyle;
}

/** A row that opens something. */
export const OpenRow = ({ children, onPress, label, expanded, style }: RowProps) => (
  <Pressable
    role="button"
    aria-label={label}
    {...(expanded === undefined ? {} : { 'aria-expanded': expanded })}
    onPress={onPress}
    style={{ minHeight: BUTTON_HEIGHT, justifyContent: 'center', ...style }}
  >
    {children}
  </Pressable>
);
