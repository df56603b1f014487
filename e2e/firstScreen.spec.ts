import { readFileSync } from 'node:fs';
import path from 'node:path';
import { expect } from '@playwright/test';
import { test } from './bench';

/** What a phone in a garage loads before it shows anything, in bytes as they are sent (brotli). */
const MOST = 330_000;

const noted = (file: string): unknown =>
  JSON.parse(readFileSync(path.join(__dirname, '../app/dist', file), 'utf8'));

/** What may be in the first scripts: the framework, the store of this device, and what the list is drawn with. */
const MAY = [
  /^(@babel|@expo|@expo-google-fonts|@radix-ui|@react-native|@rneui)\//,
  /^@reduxjs\/toolkit$/,
  /^(expo|react|redux|color|is-|metro-)/,
  /^app\/(app|light|src\/(device|features|state|ui))$/,
  /^core\/src\/(ticket|units)$/,
  /^(css-in-js-utils|date-fns|decode-uri-component|deepmerge|dexie|escape-string-regexp)$/,
  /^(fast-deep-equal|fbjs|filter-obj|fontfaceobserver|hoist-non-react-statics|hyphenate-style-name)$/,
  /^(immer|inline-style-prefixer|invariant|lucide-react-native|made by the bundler|memoize-one)$/,
  /^(nanoid|nullthrows|postcss-value-parser|query-string|reselect|scheduler|shallowequal)$/,
  /^(simple-swizzle|split-on-first|strict-uri-encode|styleq|use-sync-external-store|warn-once)$/,
];

test('the first screen is there after 330 KB: no catalog, no planner, no schemas before it', async ({
  request,
}) => {
  const { scripts, parts } = noted('first-screen.json') as { scripts: string[]; parts: string[] };
  let bytes = 0;
  for (const script of scripts) {
    const response = await request.fetch(`/${script}`, { headers: { 'accept-encoding': 'br' } });
    expect([script, response.status()]).toEqual([script, 200]);
    const { 'content-length': length } = response.headers();
    bytes += length === undefined ? (await response.body()).length : Number(length);
  }
  console.log(`first screen: ${(bytes / 1000).toFixed(0)} KB of JavaScript`);
  expect(bytes).toBeLessThan(MOST);
  expect(parts.filter((it) => !MAY.some((one) => one.test(it)))).toEqual([]);
});

test('what is left out of the packages is still met in them', () => {
  const met = noted('left-out.json') as Record<string, number>;
  expect(Object.keys(met).length).toBeGreaterThan(0);
  expect(Object.entries(met).filter(([, count]) => count === 0)).toEqual([]);
});
