export { useFaces } from './fonts';
export { OnPaper, ThemeProvider, boxOf, usePalette } from './ThemeProvider';
export {
  BUTTON_HEIGHT,
  FONTS,
  PALETTES,
  RADIUS,
  SIZES,
  TARGET,
  WIDE_FROM,
  toneOf,
  type Mode,
  type Palette,
  type Tone,
} from './tokens';
