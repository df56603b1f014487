/** Floors of core, lowest first. A folder may import from floors below its own, and nowhere else. */
const FLOORS = [
  ['units', 'dice'],
  ['ticket', 'clock', 'catalog'],
  ['words', 'effect'],
  ['piece', 'climate'],
  ['ledger'],
  ['contracts'],
  ['coating', 'sanding'],
  ['work'],
  ['drying'],
  ['inspect'],
  ['route'],
  ['needs'],
  ['case'],
  ['schedule', 'run', 'supply'],
  ['money'],
  ['practice', 'exchange', 'handbook'],
];

/** What core leaves to others: schemas, colour, calendars, cutting of sheets, chance, search, remembering. */
const PACKAGES_OF_CORE = [
  ...['zod', 'culori', 'date-fns', '@date-fns/tz', '@date-fns/utc'],
  ...['maxrects-packer', 'pure-rand', 'minisearch', 'reselect'],
];

const onlyDownwards = FLOORS.flatMap((floor, index) =>
  floor.map((folder) => ({
    name: `core-${folder}-only-downwards`,
    severity: 'error',
    comment: `core/${folder} may import from the floors below it only`,
    from: { path: `^core/src/${folder}/` },
    to: {
      path: '^core/src/',
      // What tests make their pieces with stands apart; see tools-of-tests-for-tests-only.
      pathNot: [folder, 'testing', ...FLOORS.slice(0, index).flat()].map(
        (it) => `^core/src/${it}/`,
      ),
    },
  })),
);

module.exports = {
  forbidden: [
    ...onlyDownwards,
    {
      name: 'core-through-the-front-door',
      severity: 'error',
      comment: "Other folders of core, server and app import a core folder's index only",
      // The collection of fast tests for the mutants takes test files, which have no front door.
      from: {
        path: '^(core/src/([^/]+)|server|app)/',
        pathNot: '^core/src/testing/fast\\.mutants\\.ts$',
      },
      to: {
        path: '^core/src/[^/]+/.+',
        pathNot: ['^core/src/($2|testing)/', '^core/src/[^/]+/index\\.ts$'],
      },
    },
    {
      name: 'tools-of-tests-for-tests-only',
      severity: 'error',
      from: { pathNot: ['\\.test\\.tsx?$', '^(core|server)/src/testing/', '^core/src/safety/'] },
      to: { path: '^(core|server)/src/testing/' },
    },
    {
      name: 'nobody-asks-the-judge',
      severity: 'error',
      comment: 'core/safety judges the program from outside: only its own tests read it',
      from: { pathNot: '^core/src/safety/' },
      to: { path: '^core/src/safety/' },
    },
    {
      name: 'core-is-pure',
      severity: 'error',
      comment:
        'No interface, no Node built-ins, and no package but those named here: each for what is not the heart of the work',
      from: {
        path: '^core/src',
        pathNot: ['\\.test\\.ts$', '^core/src/testing/', '^core/src/safety/'],
      },
      to: { pathNot: ['^core/src', `node_modules/(${PACKAGES_OF_CORE.join('|')})/`] },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'app-not-server',
      severity: 'error',
      from: { path: '^app/' },
      to: { path: '^server/' },
    },
    {
      name: 'server-not-app',
      severity: 'error',
      from: { path: '^server/' },
      to: { path: '^app/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'app/tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.cjs', '.d.ts'],
    },
  },
};
