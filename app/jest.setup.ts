// Fonts are not fetched in tests.
jest.mock('expo-font', () => ({
  ...jest.requireActual<typeof import('expo-font')>('expo-font'),
  useFonts: () => [true, null],
}));
