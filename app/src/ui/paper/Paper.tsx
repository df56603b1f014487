import { Text } from '@rneui/themed';
import type { ReactNode } from 'react';
import { Platform, ScrollView, View } from 'react-native';
import { MainButton, PlainButton } from '../controls';
import { FONTS, OnPaper, PALETTES } from '../theme';

/** Paper is always light. */
export const INK = PALETTES.light;
const GROUND = '#FFFFFF';

interface LineProps {
  readonly children: ReactNode;
  readonly bold?: boolean;
  readonly size?: number;
  readonly colour?: string;
  readonly level?: number;
}

/** A line of print; with a level it is a heading. */
export const PrintedLine = ({ children, bold, size = 14, colour = INK.ink, level }: LineProps) => (
  <Text
    {...(level ? { role: 'heading' as const, 'aria-level': level } : {})}
    style={{
      fontFamily: bold ? FONTS.textBold : FONTS.text,
      fontSize: size,
      lineHeight: size * 1.35,
      color: colour,
    }}
  >
    {children}
  </Text>
);

/** For a block that must not be cut by the end of a page. */
export const KEPT = { dataSet: { print: 'keep' } };
const SCREEN_ONLY = { dataSet: { print: 'no' } };

const print = () => {
  if (Platform.OS === 'web') window.print();
};

interface PaperProps {
  readonly children: ReactNode;
  /** A further button beside those of the sheet. */
  readonly also?: ReactNode;
  /** Where one came from. */
  readonly back: { readonly label: string; readonly onPress: () => void };
}

/** A sheet to print, with the buttons that only the screen shows. */
export const Paper = ({ children, also, back }: PaperProps) => (
  <ScrollView style={{ flex: 1, backgroundColor: GROUND }} contentContainerStyle={{ padding: 20 }}>
    <View role="main" style={{ maxWidth: 760, width: '100%', gap: 10, alignSelf: 'center' }}>
      <View {...SCREEN_ONLY} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <MainButton title="Print it" onPress={print} style={{ flex: 1 }} />
        {also}
        <PlainButton title="Back" label={back.label} onPress={back.onPress} />
      </View>
      <OnPaper>{children}</OnPaper>
    </View>
  </ScrollView>
);
