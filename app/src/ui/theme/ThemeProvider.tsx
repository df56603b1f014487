import { createTheme, ThemeProvider as ElementsThemeProvider } from '@rneui/themed';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import { usePreferences } from '@/state/preferences';
import { BUTTON_HEIGHT, FONTS, PALETTES, RADIUS, SIZES, type Mode, type Palette } from './tokens';

const PaletteContext = createContext<Palette>(PALETTES.light);

/** Colours of the current mode. */
export const usePalette = (): Palette => useContext(PaletteContext);

/** The box around what is typed. */
export const boxOf = (palette: Palette) => ({
  minHeight: BUTTON_HEIGHT,
  borderWidth: 1,
  borderBottomWidth: 1,
  borderColor: palette.ink2,
  borderRadius: RADIUS,
  backgroundColor: palette.card,
  paddingHorizontal: 12,
});

/** React Native Elements dressed in Obrik's colours and faces. */
const elementsTheme = (mode: Mode) => {
  const palette = PALETTES[mode];
  const colors = {
    primary: palette.ink,
    background: palette.paper,
    white: palette.card,
    black: palette.ink,
    grey3: palette.ink2,
    grey5: palette.line,
    error: palette.vermilion,
  };
  return createTheme({
    mode,
    lightColors: colors,
    darkColors: colors,
    components: {
      Text: { style: { fontFamily: FONTS.text, fontSize: SIZES.body, color: palette.ink } },
      Button: {
        titleStyle: { fontFamily: FONTS.headBold, fontSize: SIZES.title, color: palette.card },
        buttonStyle: {
          minHeight: BUTTON_HEIGHT,
          borderRadius: RADIUS,
          backgroundColor: palette.ink,
          paddingHorizontal: 16,
        },
      },
      Input: {
        containerStyle: { paddingHorizontal: 0 },
        inputContainerStyle: boxOf(palette),
        // A browser gives an input some twenty letters of width unless told otherwise.
        inputStyle: {
          minWidth: 0,
          fontFamily: FONTS.text,
          fontSize: SIZES.body,
          color: palette.ink,
        },
        labelStyle: {
          fontFamily: FONTS.headBold,
          fontSize: SIZES.title,
          color: palette.ink,
          fontWeight: 'normal',
          marginBottom: 4,
        },
        errorStyle: {
          fontFamily: FONTS.textBold,
          fontSize: SIZES.small,
          color: palette.vermilion,
          margin: 0,
          marginTop: 4,
        },
        placeholderTextColor: palette.ink2,
      },
    },
  });
};

/** Paper is light, whatever the screen is. */
export const OnPaper = ({ children }: { readonly children: ReactNode }) => (
  <PaletteContext.Provider value={PALETTES.light}>{children}</PaletteContext.Provider>
);

/** Gives everything below it Obrik's look, in the mode of the device or the one chosen. */
export const ThemeProvider = ({ children }: { readonly children: ReactNode }) => {
  const device = useColorScheme();
  const { light } = usePreferences();
  const mode: Mode = light === 'device' ? (device === 'dark' ? 'dark' : 'light') : light;
  const theme = useMemo(() => elementsTheme(mode), [mode]);
  return (
    <PaletteContext.Provider value={PALETTES[mode]}>
      <ElementsThemeProvider theme={theme} key={mode}>
        {children}
      </ElementsThemeProvider>
    </PaletteContext.Provider>
  );
};
