import { QUICK_STARTS, type QuickStart } from '@obrik/core/piece';
import { Text } from '@rneui/themed';
import { Pressable, View } from 'react-native';
import { BuildDrawing } from '@/ui/drawings';
import { Heading, Small } from '@/ui/controls';
import { FONTS, RADIUS, SIZES, usePalette } from '@/ui/theme';

interface StartsProps {
  readonly onStart: (start: QuickStart) => void;
}

/** Common pieces by picture: one tap, and the piece is drawn. */
export const Starts = ({ onStart }: StartsProps) => {
  const palette = usePalette();
  return (
    <View style={{ gap: 12 }}>
      <Heading>What is it?</Heading>
      <Small>Tap what comes nearest. Everything can be changed afterwards.</Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {QUICK_STARTS.map((it) => (
          <Pressable
            key={it.id}
            role="button"
            aria-label={it.name}
            onPress={() => onStart(it)}
            style={{
              flexGrow: 1,
              flexBasis: 104,
              maxWidth: 200,
              minHeight: 120,
              padding: 8,
              gap: 6,
              justifyContent: 'space-between',
              borderRadius: RADIUS,
              borderWidth: 1,
              borderColor: palette.ink2,
              backgroundColor: palette.card,
            }}
          >
            <BuildDrawing build={it.build} maxHeight={72} />
            <Text
              style={{
                fontFamily: FONTS.headBold,
                fontSize: SIZES.small + 1,
                lineHeight: 18,
                color: palette.ink,
                textAlign: 'center',
              }}
            >
              {it.name}
            </Text>
          </Pressable>
        ))}
      </View>
    </View>
  );
};
