import { createContext, useContext, useEffect, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View, type ViewStyle } from 'react-native';
import { usePalette, WIDE_FROM } from '../theme';

/** Is there room for two panes? */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_FROM;

interface PlaceOfFoot {
  /** The ways to the top level, to stand beside what a screen keeps at its foot; null where wide. */
  readonly beside: ReactNode;
  /** Told how many feet are shown, one more or one less: with one, the top level needs no row of its own. */
  readonly onFoot: (more: 1 | -1) => void;
}

const FootContext = createContext<PlaceOfFoot>({ beside: null, onFoot: () => undefined });
export const FootProvider = FootContext.Provider;

/** From here on the action and the ways to the top level have room in one row. */
const ONE_ROW_FROM = 320;

/** An action on a desk is as wide as its words want, not as the screen. */
const ON_A_DESK = { alignSelf: 'flex-end', minWidth: 280, maxWidth: 480 } as const;

/** What stays at the bottom of a screen: on a phone in one row with the ways to the top level. */
const Foot = ({
  children,
  style,
}: {
  readonly children: ReactNode;
  readonly style?: ViewStyle;
}) => {
  const palette = usePalette();
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { beside, onFoot } = useContext(FootContext);
  useEffect(() => {
    onFoot(1);
    return () => onFoot(-1);
  }, [onFoot]);
  return (
    <View
      {...{ dataSet: { print: 'no' } }}
      style={{
        // Very large text: one above the other.
        ...(width < ONE_ROW_FROM
          ? { alignItems: 'stretch' }
          : { flexDirection: 'row', alignItems: 'center' }),
        gap: 8,
        paddingHorizontal: 12,
        paddingVertical: wide ? 10 : 0,
        borderTopWidth: 1,
        borderTopColor: palette.line,
        backgroundColor: palette.card,
      }}
    >
      {beside}
      <View style={width < ONE_ROW_FROM ? {} : { flex: 1 }}>
        <View style={{ gap: 8, ...style, ...(wide ? ON_A_DESK : {}) }}>{children}</View>
      </View>
    </View>
  );
};

interface ScreenProps {
  readonly children: ReactNode;
  /** Stays at the bottom, within reach of the thumb. */
  readonly foot?: ReactNode;
  readonly style?: ViewStyle;
  /** Reading width on a wide screen. */
  readonly narrow?: boolean;
}

/** A screen that scrolls downwards, and nowhere else. */
export const Screen = ({ children, foot, style, narrow }: ScreenProps) => {
  const palette = usePalette();
  const width = narrow ? { maxWidth: 720, width: '100%' as const } : {};
  return (
    <View role="main" style={{ flex: 1, backgroundColor: palette.paper }}>
      <ScrollView
        contentContainerStyle={{ padding: 12, gap: 12, paddingBottom: 24, ...width, ...style }}
      >
        {children}
      </ScrollView>
      {foot ? <Foot style={width}>{foot}</Foot> : null}
    </View>
  );
};

/** A screen whose list scrolls by itself, so that only what is seen is drawn. */
export const ListScreen = ({ children, foot }: Pick<ScreenProps, 'children' | 'foot'>) => {
  const palette = usePalette();
  return (
    <View role="main" style={{ flex: 1, backgroundColor: palette.paper }}>
      <View style={{ flex: 1 }}>{children}</View>
      {foot ? <Foot>{foot}</Foot> : null}
    </View>
  );
};

interface TwoPanesProps {
  readonly left: ReactNode;
  readonly right: ReactNode;
  readonly foot?: ReactNode;
}

/** Two panes side by side where wide, one below the other on a phone. */
export const TwoPanes = ({ left, right, foot }: TwoPanesProps) => {
  const palette = usePalette();
  const wide = useWide();
  if (!wide) {
    return (
      <Screen foot={foot}>
        {left}
        {right}
      </Screen>
    );
  }
  return (
    <View role="main" style={{ flex: 1, flexDirection: 'row', backgroundColor: palette.paper }}>
      <ScrollView
        style={{ flex: 5, borderRightWidth: 1, borderRightColor: palette.line }}
        contentContainerStyle={{ padding: 16, gap: 12 }}
      >
        {left}
      </ScrollView>
      <View style={{ flex: 6 }}>
        <ScrollView contentContainerStyle={{ padding: 16, gap: 12 }}>{right}</ScrollView>
        {foot ? <Foot>{foot}</Foot> : null}
      </View>
    </View>
  );
};
