import { Text } from '@rneui/themed';
import { View } from 'react-native';
import { FONTS, RADIUS, SIZES, toneOf, usePalette, type Tone } from '../theme';

/** A short word in small capitals on a soft ground. */
export const Tag = ({ text, tone = 'slate' }: { readonly text: string; readonly tone?: Tone }) => {
  const palette = usePalette();
  const { text: colour, ground } = toneOf(palette, tone);
  return (
    <View
      style={{
        alignSelf: 'flex-start',
        flexShrink: 1,
        maxWidth: '100%',
        backgroundColor: ground,
        borderRadius: RADIUS,
        paddingHorizontal: 8,
        paddingVertical: 3,
      }}
    >
      <Text
        style={{
          fontFamily: FONTS.headBold,
          fontSize: SIZES.label,
          letterSpacing: 0.6,
          textTransform: 'uppercase',
          color: colour,
        }}
      >
        {text}
      </Text>
    </View>
  );
};
