import {
  bad,
  descriptionPart,
  good,
  standsFor,
  surfaceNames,
  surfacesOf,
  type DescriptionPart,
  type Observation,
  type Piece,
  type Result,
} from '../../piece';
import { changeKind, namesOf, onSurface, type ChangedField } from './kind';

type Key = keyof DescriptionPart;

/** What each part of a description is called; years only make sense together. */
const PARTS: Readonly<Record<Key, { readonly words: string; readonly field: string }>> = {
  name: { words: 'name', field: 'name' },
  build: { words: 'make-up', field: 'build' },
  staysInPlace: { words: 'where it stands', field: 'staysInPlace' },
  wetRoom: { words: 'wet room', field: 'wetRoom' },
  yearFrom: { words: 'years', field: 'years' },
  yearTo: { words: 'years', field: 'years' },
  childsRoom: { words: 'child’s room', field: 'childsRoom' },
  origin: { words: 'where it came from', field: 'origin' },
  keep: { words: 'what is to be kept', field: 'keep' },
  due: { words: 'when it is promised', field: 'due' },
};
const KEYS = Object.keys(PARTS) as Key[];
const FIELDS = [...new Set(KEYS.map((key) => PARTS[key].field))];
const DESCRIBED = Object.fromEntries(KEYS.map((key) => [key, PARTS[key].words]));

interface Describe {
  kind: 'describe';
  description: DescriptionPart;
}

const fieldsOf = (part: DescriptionPart): readonly ChangedField<Describe>[] =>
  FIELDS.flatMap((name) => {
    const own = KEYS.filter((key) => PARTS[key].field === name && part[key] !== undefined);
    if (own.length === 0) return [];
    const description = Object.fromEntries(own.map((key) => [key, part[key]])) as DescriptionPart;
    return [{ name, value: description, change: { kind: 'describe', description } }];
  });

/** The parts of a description in which it differs from the piece: what a form has changed. */
export const changedParts = (before: Piece, now: DescriptionPart): DescriptionPart => {
  const parts = fieldsOf(now).filter(
    (it) =>
      JSON.stringify(it.value) !==
      JSON.stringify(
        Object.fromEntries(
          Object.keys(it.value as object).map((key) => [key, before[key as keyof Piece]]),
        ),
      ),
  );
  return Object.assign({}, ...parts.map((it) => it.value)) as DescriptionPart;
};

/** An observation on the surface that stands for its own now; it tells which one it was made on. */
const movedTo = (before: Observation, moved: Observation): Observation =>
  moved.surfaceId === before.surfaceId
    ? moved
    : { ...moved, madeOn: before.madeOn ?? before.surfaceId };

/**
 * The piece after it was described anew. What is recorded of a surface that was merged is said of
 * the one that stands for it; an aim for a surface that is gone goes with it.
 */
const described = (before: Piece, part: DescriptionPart): Piece => {
  const after = { ...before, ...part };
  if (part.build === undefined) return after;
  const { build } = part;
  const ids = new Set(surfacesOf(after).map((one) => one.id));
  const to = <T extends { surfaceId: string }>(one: T): T =>
    ids.has(one.surfaceId) ? one : onSurface(one, (id) => standsFor(build, id));
  const own = new Set(before.layers.map((one) => one.surfaceId).filter((one) => ids.has(one)));
  const confirmed = new Map(
    before.confirmations.map(to).map((one) => [`${one.surfaceId}/${one.variable}`, one]),
  );
  for (const one of before.confirmations) {
    if (ids.has(one.surfaceId)) confirmed.set(`${one.surfaceId}/${one.variable}`, one);
  }
  return {
    ...after,
    observations: before.observations.map((one) => movedTo(one, to(one))),
    findings: before.findings.map(to),
    pictures: before.pictures.map(to),
    confirmations: [...confirmed.values()],
    layers: before.layers.flatMap((one) => {
      const moved = to(one);
      return moved !== one && own.has(moved.surfaceId) ? [] : [moved];
    }),
    aims: before.aims.filter((one) => ids.has(one.surfaceId)),
  };
};

const LISTS = ['observations', 'confirmations', 'findings', 'layers', 'pictures'] as const;

/** What forbids a build: something is recorded of a surface that it does not have. */
const lost = (before: Piece, after: Piece): Result<Piece> => {
  const ids = new Set(surfacesOf(after).map((one) => one.id));
  const gone = new Set(
    LISTS.flatMap((list) => after[list].map((one) => one.surfaceId)).filter((one) => !ids.has(one)),
  );
  const nameOf = surfaceNames(before);
  return gone.size === 0
    ? good(after)
    : bad(
        'description.build',
        `Something is recorded of ${[...gone].map((one) => nameOf(one)).join(', ')}. Merge it into another surface, or remove what is recorded first.`,
      );
};

/** These parts of the description become this; the others stay. */
export const describe = changeKind(
  'describe',
  { description: descriptionPart },
  {
    about: 'piece',
    group: 'description',
    up: [],
    apply: (before, it) => lost(before, described(before, it.description)),
    fields: (it) => fieldsOf(it.description),
    told: (it) =>
      it.description.name && Object.keys(it.description).length === 1
        ? `Name: ${it.description.name}`
        : `Description changed: ${namesOf(it.description, DESCRIBED)}`,
  },
);
