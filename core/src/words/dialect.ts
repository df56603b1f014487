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

/** What holds nothing to be said otherwise is given back as it is. */
const mapped = (it: unknown): unknown => {
  if (typeof it === 'string') return said(it);
  if (Array.isArray(it)) {
    const now = it.map(mapped);
    return now.some((one, index) => one !== it[index]) ? now : it;
  }
  if (it instanceof Map || it instanceof Set || typeof it !== 'object' || it === null) return it;
  let changed = false;
  const now: Record<string, unknown> = {};
  for (const [key, value] of Object.entries(it)) {
    now[key] = mapped(value);
    changed ||= now[key] !== value;
  }
  return changed ? now : it;
};

/**
 * Text, or anything that holds text, in the words of the shop. Done once, at the edge of core: what
 * is reckoned has the words of the catalog.
 */
export const inDialect = <T>(it: T, units: UnitSystem): T =>
  units === 'us' ? it : (mapped(it) as T);
