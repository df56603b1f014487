import MiniSearch from 'minisearch';
import { weakMapMemoize } from 'reselect';
import { DAMAGES, DAMAGE_LORE, type Damage } from '../catalog';
import type { UnitSystem } from '../units';
import { inDialect } from '../words';
import { HANDBOOK } from './entries';
import type { Chapter, HandbookEntry } from './entry';

/** Words that a phrase holds and that tell nothing. */
const FILLERS = new Set([
  'a',
  'an',
  'and',
  'by',
  'in',
  'is',
  'it',
  'of',
  'on',
  'or',
  'the',
  'to',
  'with',
]);

/** Longer words are found with one slip in five letters. */
const SLIPS = 0.2;
const SLIPS_FROM = 4;

/** An index in which every word asked for counts, also its beginning, and a slip of the thumb. */
const indexOf = <T extends { readonly id: string }>(
  things: readonly T[],
  boost: Readonly<Partial<Record<Exclude<keyof T & string, 'id'>, number>>>,
): MiniSearch<T> => {
  const index = new MiniSearch<T>({
    fields: Object.keys(boost),
    searchOptions: {
      boost: boost as Record<string, number>,
      combineWith: 'AND',
      prefix: true,
      fuzzy: (term) => (term.length >= SLIPS_FROM ? SLIPS : false),
    },
  });
  index.addAll(things);
  return index;
};

/** The last word may only be begun: it counts whatever it is. */
const found = <T>(index: MiniSearch<T>, asked: string): readonly string[] => {
  const words = asked.trim().split(/\s+/);
  const telling = words.filter(
    (it, nth) => nth === words.length - 1 || !FILLERS.has(it.toLowerCase()),
  );
  return index.search(telling.join(' ')).map((it) => it.id as string);
};

const textOf = (it: HandbookEntry): string =>
  [...it.sections.flatMap((one) => [one.title, ...one.lines]), ...it.cautions].join(' ');

/** Found by either name of a material; made when somebody first looks something up. */
const entriesIndex = weakMapMemoize(() =>
  indexOf(
    HANDBOOK.map((it) => {
      const here = inDialect(it, 'metric');
      return {
        id: it.id,
        title: `${it.title} ${here.title}`,
        says: it.says ?? '',
        summary: it.summary,
        text: `${textOf(it)} ${textOf(here)}`,
      };
    }),
    { title: 4, says: 3, summary: 2, text: 1 },
  ),
);

const BY_ID = new Map(HANDBOOK.map((it) => [it.id, it]));

/**
 * Entries that hold every word asked for, the likeliest first.
 * @param asked words in any order; empty gives all
 * @param units of the shop: materials are called as they are said there
 */
export const searchHandbook = (
  asked: string,
  chapter?: Chapter,
  units: UnitSystem = 'us',
): readonly HandbookEntry[] => {
  const entries =
    asked.trim() === ''
      ? HANDBOOK
      : found(entriesIndex(), asked).flatMap((id) => BY_ID.get(id) ?? []);
  return entries
    .filter((it) => !chapter || it.chapter === chapter)
    .map((it) => inDialect(it, units));
};

const damagesIndex = weakMapMemoize(() =>
  indexOf(
    DAMAGES.rows.map(({ id, label }) => ({
      id,
      label,
      says: DAMAGE_LORE[id].says ?? '',
      what: DAMAGE_LORE[id].what,
    })),
    { label: 3, says: 2, what: 1 },
  ),
);

/** Damages that hold every word asked for in their name or in what people call them, the likeliest first. */
export const damagesCalled = (asked: string): readonly Damage[] =>
  found(damagesIndex(), asked).map((id) => DAMAGES.get(id as Damage).id);
