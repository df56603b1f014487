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

const said = (text: string): string =>
  text.replace(PATTERN, (found) => likeFirst(BRITISH.get(found.toLowerCase()) ?? found, found));

const mapped = (it: unknown): unknown => {
  if (typeof it === 'string') return said(it);
  if (Array.isArray(it)) return it.map(mapped);
  if (it instanceof Map || it instanceof Set || typeof it !== 'object' || it === null) return it;
  return Object.fromEntries(Object.entries(it).map(([key, value]) => [key, mapped(value)]));
};

/**
 * Text, or anything that holds text, in the words of the shop. Done once, at the edge of core: what
 * is reckoned has the words of the catalog.
 */
export const inDialect = <T>(it: T, units: UnitSystem): T =>
  units === 'us' ? it : (mapped(it) as T);
