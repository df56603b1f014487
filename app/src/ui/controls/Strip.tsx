import { Text } from '@rneui/themed';
import { Pressable, View } from 'react-native';
import { FONTS, SIZES, TARGET, usePalette } from '../theme';

interface StripProps {
  readonly words: string;
  /** On a phone: one line, all of it to be tapped. */
  readonly narrow?: boolean;
  /** Amber where something is to be done. */
  readonly tone?: 'slate' | 'amber';
  readonly action?: {
    readonly title: string;
    readonly label: string;
    readonly onPress: () => void;
  };
}

/** Height of a line on a phone. */
const LINE = 32;

/** A calm line at the foot of the screen, with one thing to do about it. Paper has none. */
export const Strip = ({ words, tone = 'slate', narrow = false, action }: StripProps) => {
  const palette = usePalette();
  const ground = tone === 'amber' ? palette.amberSoft : palette.slateSoft;
  if (narrow) {
    return (
      <View role="status" {...{ dataSet: { print: 'no' } }} style={{ backgroundColor: ground }}>
        <Pressable
          {...(action ? { role: 'button' as const, 'aria-label': action.label } : {})}
          disabled={!action}
          onPress={action?.onPress}
          style={{ minHeight: LINE, paddingHorizontal: 16, justifyContent: 'center' }}
        >
          <Text numberOfLines={1} style={{ color: palette.ink, fontSize: SIZES.small }}>
            {action ? `${action.title}: ` : ''}
            {words}
          </Text>
        </Pressable>
      </View>
    );
  }
  return (
    <View
      role="status"
      {...{ dataSet: { print: 'no' } }}
      style={{
        flexDirection: 'row',
        alignItems: 'center',
        backgroundColor: ground,
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
