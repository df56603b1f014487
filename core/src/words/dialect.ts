import type { UnitSystem } from '../units';

/**
 * Materials that are called otherwise in Britain: as the catalog has them, and as they are said
 * there. Shops that measure in US units say the first, all others the second.
 */
const TERMS: readonly (readonly [string, string])[] = [
  ['mineral spirits', 'white spirit'],
  ['lacquer thinner', 'cellulose thinner'],
  ['denatured alcohol', 'methylated spirit'],
  ['wet-or-dry', 'wet-and-dry'],
];

const likeFirst = (word: string, model: string): string =>
  model.charAt(0) === model.charAt(0).toUpperCase()
    ? `${word.charAt(0).toUpperCase()}${word.slice(1)}`
    : word;

const PATTERN = new RegExp(TERMS.map(([us]) => us).join('|'), 'gi');
const BRITISH = new Map(TERMS);

/** Sentences come again and again: each is looked at once. */
const KNOWN = new Map<string, string>();
const MOST_KNOWN = 20_000;

const said = (text: string): string => {
  const known = KNOWN.get(text);
  if (known !== undefined) return known;
  const now = text.replace(PATTERN, (found) =>
    likeFirst(BRITISH.get(found.toLowerCase()) ?? found, found),
  );
  if (KNOWN.size >= MOST_KNOWN) KNOWN.clear();
  KNOWN.set(text, now);
  return now;
};

type Said = Map<object, unknown>;

/** A list or a record with each of its values mapped; itself where none of them changes. */
const eachMapped = <T extends object>(it: T, of: Said): T => {
  let now: T | undefined;
  for (const key of Object.keys(it) as (keyof T)[]) {
    const value = mapped(it[key], of) as T[keyof T];
    if (value === it[key]) continue;
    now ??= (Array.isArray(it) ? [...it] : { ...it }) as T;
    now[key] = value;
  }
  return now ?? it;
};

/**
 * What holds nothing to be said otherwise is given back as it is; what stands at several places, as
 * the tasks of a route do, is looked at once and stays one thing.
 */
const mapped = (it: unknown, of: Said): unknown => {
  if (typeof it === 'string') return said(it);
  if (it instanceof Map || it instanceof Set || typeof it !== 'object' || it === null) return it;
  if (of.has(it)) return of.get(it);
  const now = eachMapped(it, of);
  of.set(it, now);
  return now;
};

/**
 * Text, or anything that holds text, in the words of the shop. Done once, at the edge of core: what
 * is reckoned has the words of the catalog.
 */
export const inDialect = <T>(it: T, units: UnitSystem): T =>
  units === 'us' ? it : (mapped(it, new Map()) as T);
