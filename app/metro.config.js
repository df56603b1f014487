const { existsSync, writeFileSync } = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { CHARTS, SHOWN, UNUSED_OF_NATIVE_WEB } = require('./light/used');

const config = getDefaultConfig(__dirname);
const light = (name) => ({ type: 'sourceFile', filePath: path.join(__dirname, 'light', name) });
const below = (name) => path.dirname(require.resolve(`${name}/package.json`));

const UNUSED_OF_ROUTER = [
  './layouts/Tabs',
  './layouts/experimental-stack',
  './standard-navigation',
  './stack',
  './color',
  '../react-navigation/bottom-tabs',
];

// Metro takes a package whole. What Obrik does not use of the large ones is left out here, so that
// the first screen is on the phone sooner.
const LEFT_OUT = [
  {
    // Of the charts' packages: straight scales and lines; no times, colours, arcs or histograms.
    name: 'charts are straight scales and lines',
    applies: (name, from) => {
      const kept = Object.entries(CHARTS).find(([folder]) =>
        from.endsWith(`/${folder}/src/index.js`),
      );
      return kept !== undefined && name.startsWith('./') && !kept[1].includes(name);
    },
    instead: () => ({ type: 'empty' }),
  },
  {
    // @rneui/base probes every icon font family in turn; Obrik's icons are drawn (lucide).
    name: 'icons are drawn, no fonts of them',
    applies: (name) =>
      /^(@react-native-vector-icons\/|react-native-vector-icons\/|@expo\/vector-icons)/.test(name),
    instead: () => ({ type: 'empty' }),
  },
  {
    name: 'elements that are shown',
    applies: (name, from) =>
      /@rneui\/(base|themed)\/dist\/index\.js$/.test(from) && !SHOWN.includes(name.slice(2)),
    instead: () => ({ type: 'empty' }),
  },
  {
    // Navigators of the router that Obrik has no use for: it shows one screen at a time by a slot.
    name: 'navigators that nobody uses',
    applies: (name, from) =>
      /expo-router\/build\/(exports|index|views\/ErrorBoundary|views\/Toast)\.js$/.test(from) &&
      UNUSED_OF_ROUTER.includes(name),
    instead: () => ({ type: 'empty' }),
  },
  {
    name: 'stack navigator of the router',
    applies: (name, from) =>
      /expo-router\/build\/layouts\/StackClient\.js$/.test(from) && /stack-utils$/.test(name),
    instead: () => ({ type: 'empty' }),
  },
  {
    name: 'native stack navigator',
    applies: (name, from) =>
      /expo-router\/build\//.test(from) && name.endsWith('/createNativeStackNavigator'),
    instead: () => light('navigator.js'),
  },
  {
    // What of react-native-web neither Obrik nor React Native Elements shows.
    name: 'native components that nobody shows',
    applies: (name, from) =>
      /react-native-web\/dist\/index\.js$/.test(from) &&
      UNUSED_OF_NATIVE_WEB.includes(name.replace('./exports/', '')),
    instead: () => ({ type: 'empty' }),
  },
  {
    // Text grows with the size that is set in the browser.
    name: 'text grows with the browser’s size',
    applies: (name, from) =>
      /react-native-web\/dist\//.test(from) && name.endsWith('/normalizeValueWithProperty'),
    instead: () => light('normalizeValueWithProperty.js'),
  },
  {
    // Schemas are made from JSON Schema nowhere.
    name: 'no schemas from JSON Schema',
    applies: (name, from) =>
      /\/zod\/v4\/classic\/(external|schemas)\.(js|cjs)$/.test(from) &&
      /from-json-schema/.test(name),
    instead: () => ({ type: 'empty' }),
  },
  {
    // Zod brings its messages in fifty languages, Obrik speaks one.
    name: 'one language of messages',
    applies: (name, from) => /locales\/index\.(js|cjs)$/.test(name) && /\/zod\//.test(from),
    instead: () => light('zodLocales.js'),
  },
  {
    // Of thirty colour spaces three are reckoned in.
    name: 'three colour spaces',
    applies: (name) => name === 'culori/fn',
    instead: () => light('culori.js'),
  },
  {
    name: 'colour spaces by their files',
    applies: (name) => name.startsWith('culori/src/'),
    instead: (name) => ({
      type: 'sourceFile',
      filePath: path.join(below('culori'), name.slice('culori/'.length)),
    }),
  },
];

/** How often each rule was met: one that meets nothing any more is told by a test. */
const met = Object.fromEntries(LEFT_OUT.map(({ name }) => [name, 0]));
process.on('exit', () => {
  const dist = path.join(__dirname, 'dist');
  // Other tools read these settings too, and build nothing.
  const isBuild = Object.values(met).some((count) => count > 0);
  if (isBuild && existsSync(dist))
    writeFileSync(path.join(dist, 'left-out.json'), JSON.stringify(met, null, 2));
});

config.resolver.resolveRequest = (context, moduleName, platform) => {
  const from = context.originModulePath.replaceAll('\\', '/');
  const rule = LEFT_OUT.find((it) => it.applies(moduleName, from));
  if (rule) met[rule.name]++;
  return rule ? rule.instead(moduleName) : context.resolveRequest(context, moduleName, platform);
};

// A module is run when it is first used, not when the bundle is loaded: most of it is not needed
// for the first screen.
config.transformer.getTransformOptions = async () => ({
  transform: {
    experimentalImportSupport: true,
    // It notes where the running script is from: later that can't be known any more.
    inlineRequires: {
      blockList: { [path.join(below('expo'), 'src/winter/ImportMetaRegistry.ts')]: true },
    },
  },
});

module.exports = config;
