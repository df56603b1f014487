const babel = [
  'babel-jest',
  {
    configFile: false,
    babelrc: false,
    presets: [
      ['@babel/preset-env', { targets: { node: '20' } }],
      ['@babel/preset-typescript', { allowDeclareFields: true }],
    ],
  },
];
// ESM-only packages that Jest (CommonJS) has to transform.
const ESM =
  'culori|d3-[a-z-]+|internmap|fast-check|pure-rand|psychrolib|@date-fns/tz|date-fns|ical.js';

const node = (name, extra = {}) => ({
  displayName: name,
  rootDir: `${__dirname}/${name}`,
  testEnvironment: 'node',
  testMatch: ['<rootDir>/src/**/*.test.ts'],
  sandboxInjectedGlobals: [
    'Array',
    'Boolean',
    'Infinity',
    'JSON',
    'Map',
    'Math',
    'Number',
    'Object',
    'Set',
    'String',
    'WeakMap',
  ],
  transform: { '\\.m?[jt]sx?$': babel },
  transformIgnorePatterns: [`/node_modules/(?!(${ESM})/)`],
  ...extra,
});

const rnIgnore = [
  `/node_modules/(?!(((jest-)?react-native(-.*)?|@react-native(-community)?/.*|expo(nent)?(-.*)?|@expo(nent)?/.*|@expo-google-fonts/.*|@rneui/.*|lucide-react-native|react-error-boundary|react-redux|standard-navigation|@reduxjs/.*|immer|${ESM})/|(react-native|expo)$))`,
];

module.exports = {
  // Two cores may be busy; what is slow is not wrong.
  testTimeout: 60_000,
  // Left to itself Jest keeps a core free, and of two that is half.
  maxWorkers: '100%',
  // A worker that has grown is slow to end: between files it begins anew.
  workerIdleMemoryLimit: '768MB',
  testSequencer: `${__dirname}/jest.sequencer.js`,
  projects: [
    node('core', {
      setupFiles: [`${__dirname}/jest.properties.js`],
      transform: { '\\.test\\.ts$': `${__dirname}/jest.bundle.js`, '\\.m?[jt]sx?$': babel },
    }),
    node('server'),
    {
      displayName: 'app',
      preset: 'jest-expo/web',
      // jest-expo transforms .js and .ts(x) only; lucide and culori ship .mjs.
      transform: {
        '\\.mjs$': ['babel-jest', { caller: { name: 'metro', bundler: 'metro', platform: 'web' } }],
      },
      rootDir: `${__dirname}/app`,
      moduleNameMapper: {
        '^@/(.*)$': '<rootDir>/src/$1',
        '^(@react-native-vector-icons/.*|react-native-vector-icons/.*)$': '<rootDir>/jest.empty.js',
      },
      transformIgnorePatterns: rnIgnore,
      testMatch: ['<rootDir>/src/**/*.web.test.ts?(x)'],
      setupFiles: ['<rootDir>/jest.setup.ts', `${__dirname}/jest.properties.js`],
      setupFilesAfterEnv: ['<rootDir>/jest.setup.web.ts'],
    },
  ],
};
