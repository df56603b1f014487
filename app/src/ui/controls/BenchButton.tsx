import { Button } from '@rneui/themed';
import type { ViewStyle } from 'react-native';
import { FONTS, RADIUS, usePalette } from '../theme';

interface BenchButtonProps {
  readonly title: string;
  readonly label?: string;
  readonly onPress: () => void;
  readonly main?: boolean;
  readonly disabled?: boolean;
  readonly style?: ViewStyle;
}

/** As high as a wet glove needs it. */
const HEIGHT = 64;

/** A button for gloves. */
export const BenchButton = ({
  title,
  label = title,
  onPress,
  main = false,
  disabled = false,
  style,
}: BenchButtonProps) => {
  const palette = usePalette();
  return (
    <Button
      title={title}
      accessibilityLabel={label}
      onPress={onPress}
      disabled={disabled}
      containerStyle={style}
      titleStyle={{
        fontFamily: FONTS.headBold,
        fontSize: 22,
        color: main ? palette.card : palette.ink,
      }}
      disabledStyle={{ backgroundColor: palette.line }}
      disabledTitleStyle={{ color: palette.ink2 }}
      buttonStyle={{
        minHeight: HEIGHT,
        minWidth: HEIGHT,
        borderRadius: RADIUS,
        borderWidth: main ? 0 : 1,
        borderColor: palette.ink2,
        backgroundColor: main ? palette.ink : palette.card,
      }}
    />
  );
};
