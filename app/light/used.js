// What the app uses of packages that are taken in part; a test compares it with what is imported.

/** Components of React Native Elements that Obrik shows, and those that these are made of. */
const SHOWN = ['Button', 'Icon', 'Image', 'Input', 'Switch', 'Text', 'config', 'helpers'];

/** Of React Native for the web, what nobody shows. */
const UNUSED_OF_NATIVE_WEB = [
  'Alert',
  'CheckBox',
  'Clipboard',
  'ImageBackground',
  'InputAccessoryView',
  'KeyboardAvoidingView',
  'LayoutAnimation',
  'LogBox',
  'Picker',
  'ProgressBar',
  'SectionList',
  'Share',
  'StatusBar',
  'Touchable',
  'Vibration',
  'YellowBox',
];

/**
 * What of the charts' packages Obrik draws with, by their folders, and all that these need in turn:
 * Metro remembers by folder what a name leads to, so what is left out is left out for all of it.
 */
const CHARTS = {
  'd3-scale': ['./linear.js', './tickFormat.js'],
  'd3-shape': ['./line.js', './curve/linear.js'],
};

module.exports = { SHOWN, UNUSED_OF_NATIVE_WEB, CHARTS };
