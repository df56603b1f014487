import { z } from 'zod';
import { buildOf, usualBody, type Body, type Build } from './build';
import { gridOf } from './front';

/** The kinds of furniture of version 1: a template each, with measures of its own. */
const oldTemplate = z.enum([
  'chest',
  'cabinet',
  'table',
  'bench',
  'wardrobe',
  'bookcase',
  'wall',
  'stool',
  'crib',
]);
export type OldTemplate = z.infer<typeof oldTemplate>;

type Old = Readonly<Record<string, number>>;

/** Measures of version 1 that are no measures of a body: they made up the front. */
const FRONT_MEASURES = ['rows', 'columns', 'doors', 'shelves'];

const whole = (it: Old, name: string, least: number): number =>
  Math.max(least, Math.round(it[name] ?? least));

const caseOf = (it: Old, front: Body['front']): Body =>
  usualBody('carcass', {
    measures: {
      legHeight: 0,
      ...Object.fromEntries(Object.entries(it).filter(([key]) => !FRONT_MEASURES.includes(key))),
    },
    front,
  });

const closed = (it: Old): Body =>
  caseOf(it, gridOf(whole(it, 'doors', 1), 1, { kind: 'door', shelves: whole(it, 'shelves', 0) }));

/** How each kind is built. Its surfaces keep their ids, so that what is recorded of them stays true. */
const BUILT: Readonly<Record<OldTemplate, (it: Old) => Body>> = {
  chest: (it) =>
    caseOf(it, gridOf(whole(it, 'columns', 1), whole(it, 'rows', 1), { kind: 'drawer' })),
  cabinet: closed,
  wardrobe: closed,
  bookcase: (it) => caseOf(it, gridOf(1, 1, { kind: 'open', shelves: whole(it, 'shelves', 0) })),
  table: (measures) => usualBody('table', { measures }),
  bench: (measures) => usualBody('seat', { measures }),
  stool: (measures) => usualBody('seat', { measures }),
  wall: (measures) => usualBody('wall', { measures }),
  crib: (measures) => usualBody('crib', { measures }),
};

/** Kinds in which clothes are kept. */
const STORE_CLOTHES: readonly OldTemplate[] = ['chest', 'wardrobe'];

/** A piece of version 1 as it is built: the same surfaces with the same ids and areas. */
export const buildOfOld = (template: OldTemplate, measures: Old): Build =>
  buildOf([BUILT[template](measures)], {
    startedFrom: template,
    storesClothes: STORE_CLOTHES.includes(template),
  });

const old = z.looseObject({
  templateId: oldTemplate,
  measures: z.record(z.string(), z.number()),
});

/**
 * Reads a description of version 1, told by template and measures, as one of today. Anything else
 * is given back as it came: the schema says what is wrong with it.
 */
export const fromOlder = (it: unknown): unknown => {
  if (typeof it === 'object' && it !== null && 'build' in it) return it;
  const read = old.safeParse(it);
  if (!read.success) return it;
  const { templateId, measures, ...rest } = read.data;
  return { ...rest, build: buildOfOld(templateId, measures) };
};
