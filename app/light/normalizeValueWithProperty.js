// What React Native Web makes of a figure in a style. Text is measured in rem, so that it grows with the size of text
// that somebody has set in the browser; all else stays in pixels.
import normalizeColor from 'react-native-web/dist/exports/StyleSheet/compiler/normalizeColor';
import unitlessNumbers from 'react-native-web/dist/exports/StyleSheet/compiler/unitlessNumbers';

const OF_TEXT = { fontSize: true, lineHeight: true, letterSpacing: true };
/** Pixels of a rem where nobody has set another size. */
const REM = 16;

export default function normalizeValueWithProperty(value, property) {
  if (typeof value === 'number' && (property == null || !unitlessNumbers[property])) {
    return OF_TEXT[property] ? `${value / REM}rem` : `${value}px`;
  }
  return property != null && /color$/i.test(property) ? normalizeColor(value) : value;
}
