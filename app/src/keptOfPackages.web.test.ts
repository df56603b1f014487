import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { CHARTS, SHOWN, UNUSED_OF_NATIVE_WEB } from '../light/used';

/*
 * A package that is taken in part gives nothing for what is left out of it, and no type tells: a screen
 * would fail where it is opened.
 */

const ROOT = path.join(__dirname, '../..');
const sources = ['app/src', 'app/app', 'core/src'].flatMap((folder) =>
  readdirSync(path.join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter((it) => /\.tsx?$/.test(it) && !/\.test\./.test(it))
    .map((it) => readFileSync(path.join(ROOT, folder, it), 'utf8')),
);

/** Names of values that are imported from a package, types left aside. */
const importedFrom = (name: string): readonly string[] => [
  ...new Set(
    sources.flatMap((text) =>
      [...text.matchAll(new RegExp(`import \\{([^}]*)\\} from '${name}';`, 'g'))].flatMap((it) =>
        (it[1] ?? '')
          .split(',')
          .map((one) => one.trim())
          .filter((one) => one !== '' && !one.startsWith('type '))
          .map((one) => one.split(' as ')[0] ?? ''),
      ),
    ),
  ),
];

const exportedBy = (file: string): readonly string[] =>
  [
    ...readFileSync(path.join(__dirname, '../light', file), 'utf8').matchAll(
      /export \{ (?:default as )?(\w+)/g,
    ),
  ].map((it) => it[1] ?? '');

it('every element that a screen imports is among those that are kept', () => {
  const names = importedFrom('@rneui/themed');
  expect(names).toEqual(expect.arrayContaining(['Text', 'Input']));
  const elements = names.filter((it) => !/^(ThemeProvider|createTheme|useTheme)$/.test(it));
  expect(elements.filter((it) => !SHOWN.includes(it))).toEqual([]);
});

it('nothing that a screen imports of React Native is left out', () => {
  const names = importedFrom('react-native');
  expect(names).toEqual(expect.arrayContaining(['View', 'Pressable']));
  expect(names.filter((it) => UNUSED_OF_NATIVE_WEB.includes(it))).toEqual([]);
});

it('of the charts’ packages what is imported is kept', () => {
  expect(importedFrom('d3-scale')).toEqual(['scaleLinear']);
  expect(CHARTS['d3-scale']).toContain('./linear.js');
  expect(importedFrom('d3-shape')).toEqual(['line']);
  expect(CHARTS['d3-shape']).toContain('./line.js');
});

it('what core imports of the colour package, its replacement exports', () => {
  const names = importedFrom('culori/fn');
  expect(names.length).toBeGreaterThan(0);
  expect(names.filter((it) => !exportedBy('culori.js').includes(it))).toEqual([]);
});
