/** Mutation tests: small deliberate faults, and which of them the fast tests notice. */
export default {
  testRunner: 'jest',
  jest: {
    projectType: 'custom',
    configFile: 'jest.mutants.config.js',
    enableFindRelatedTests: false,
  },
  coverageAnalysis: 'perTest',
  mutate: [
    'core/src/{route,coating,sanding,work}/**/*.ts',
    '!core/src/**/*.test.ts',
    '!core/src/**/index.ts',
  ],
  // Words and ids of methods are no behaviour; a schema's text is told to nobody.
  mutator: { excludedMutations: ['StringLiteral', 'Regex'] },
  tempDirName: '.cache/stryker',
  ignorePatterns: ['app', 'server', 'e2e', 'docs', '.cache', 'demo.sqlite*'],
  // A table or a rule is made when its file is loaded: such mutants can't be tried one by one.
  ignoreStatic: true,
  concurrency: 2,
  timeoutMS: 30_000,
  timeoutFactor: 3,
  reporters: ['progress-append-only', 'clear-text', 'json'],
  jsonReporter: { fileName: '.cache/mutants-report.json' },
  clearTextReporter: {
    logTests: false,
    reportTests: false,
    reportMutants: true,
    allowColor: false,
  },
  allowEmpty: true,
};
