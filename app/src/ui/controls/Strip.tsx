import { Text } from '@rneui/themed';
import { Pressable, View } from 'react-native';
import { FONTS, SIZES, TARGET, usePalette } from '../theme';

interface StripProps {
  readonly words: string;
  /** Amber where something is to be done. */
  readonly tone?: 'slate' | 'amber';
  readonly action?: {
    readonly title: string;
    readonly label: string;
    readonly onPress: () => void;
  };
}

/** A calm line at the foot of the screen, with one thing to do about it. Paper has none. */
export const Strip = ({ words, tone = 'slate', action }: StripProps) => {
  const palette = usePalette();
  return (
    <View
      role="status"
      {...{ dataSet: { print: 'no' } }}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: tone === 'amber' ? palette.amberSoft : palette.slateSoft,
        paddingLeft: 16,
      }}
    >
      <Text style={{ flex: 1, color: palette.ink, fontSize: SIZES.small, paddingVertical: 8 }}>
        {words}
      </Text>
      {action ? (
        <Pressable
          role="button"
          aria-label={action.label}
          onPress={action.onPress}
          style={{ minHeight: TARGET, paddingHorizontal: 14, justifyContent: 'center' }}
        >
          <Text style={{ fontFamily: FONTS.headBold, fontSize: SIZES.title, color: palette.ink }}>
            {action.title}
          </Text>
        </Pressable>
      ) : null}
    </View>
  );
};
