import {
  bodyKindOf,
  buildOf,
  frontToText,
  pieceDescription,
  quickStart,
  read,
  readBody,
  textToFront,
  usualBody,
  type Body,
  type Build,
  type PieceDescription,
  type Problem,
} from '@obrik/core/piece';
import {
  lengthToTyped,
  typedToLength,
  unitSlip,
  type UnitSlip,
  type UnitSystem,
} from '@obrik/core/units';
import type { Resolver } from 'react-hook-form';

/** A piece as it is typed and tapped together: figures still text, the rest as it is built. */
export interface PieceForm {
  name: string;
  /** How it is built; measures and fronts that were typed stand over those in here. */
  build: Build;
  /** By key of the body, then by measure. */
  typed: Record<string, Record<string, string>>;
  /** Fronts that were typed in one line, by key of the body. */
  fronts: Record<string, string>;
  yearFrom: string;
  yearTo: string;
  childsRoom: boolean;
  staysInPlace: boolean;
  wetRoom: boolean;
  origin: string;
  keep: string;
}

/** The name of a body in the form: the first one has an empty id, which no field can have. */
export const bodyKey = (bodyId: string): string => `b${bodyId}`;

/** The measures of a body as they are typed. */
export const typedMeasures = (it: Body, units: UnitSystem): Record<string, string> =>
  Object.fromEntries(
    bodyKindOf(it.kind).measures.map(({ id, kind }) => {
      const value = it.measures[id] ?? 0;
      return [id, kind === 'length' ? lengthToTyped(value, units) : String(value)];
    }),
  );

const typedBuild = (it: Build, units: UnitSystem): PieceForm['typed'] =>
  Object.fromEntries(it.bodies.map((one) => [bodyKey(one.id), typedMeasures(one, units)]));

/** The front of a body in one line; empty where it has none. */
export const frontLine = (it: Body): string => {
  const { front } = readBody(it);
  return front ? frontToText(front) : '';
};

/** What a start, or any build, makes of the form. */
export const withBuild = (
  build: Build,
  units: UnitSystem,
): Pick<PieceForm, 'build' | 'typed' | 'fronts'> => ({
  build,
  typed: typedBuild(build, units),
  fronts: {},
});

/** An untouched form. */
export const emptyForm = (units: UnitSystem): PieceForm => ({
  name: '',
  ...withBuild(buildOf([usualBody('carcass')]), units),
  yearFrom: '',
  yearTo: '',
  childsRoom: false,
  staysInPlace: false,
  wetRoom: false,
  origin: '',
  keep: '',
});

/** The form filled with a piece that is there already. */
export const formOf = (it: PieceDescription, units: UnitSystem): PieceForm => ({
  name: it.name,
  ...withBuild(it.build, units),
  yearFrom: it.yearFrom === null ? '' : String(it.yearFrom),
  yearTo: it.yearTo === null ? '' : String(it.yearTo),
  childsRoom: it.childsRoom,
  staysInPlace: it.staysInPlace,
  wetRoom: it.wetRoom,
  origin: it.origin,
  keep: it.keep,
});

const yearOf = (typed: string): number | null => (typed.trim() === '' ? null : Number(typed));

/**
 * A body with what was typed of it; a measure that can't be read is left out, and so missed.
 * @param withLine with the front as its line tells it, which counts only once it is used or stored
 */
const typedBody = (it: Body, form: PieceForm, units: UnitSystem, withLine: boolean): Body => {
  const typed = form.typed[bodyKey(it.id)] ?? {};
  const untouched = typedMeasures(it, units);
  const line = withLine ? form.fronts[bodyKey(it.id)] : undefined;
  const front = line === undefined ? it.front : textToFront(line);
  return {
    ...it,
    front: front && 'problem' in front ? it.front : front,
    measures: Object.fromEntries(
      bodyKindOf(it.kind).measures.flatMap(({ id, kind }) => {
        const text = typed[id];
        // As it was shown is as it was: a figure is not rounded by being looked at.
        if (text === undefined || text === untouched[id]) return [[id, it.measures[id] ?? 0]];
        const value = kind === 'length' ? typedToLength(text, units) : Number(text || NaN);
        return value === undefined || Number.isNaN(value) ? [] : [[id, value]];
      }),
    ),
  };
};

/** The build with what was typed of its bodies. @param withLines with fronts as they stand typed */
export const buildIn = (form: PieceForm, units: UnitSystem, withLines = false): Build => ({
  ...form.build,
  bodies: form.build.bodies.map((it) => typedBody(it, form, units, withLines)),
});

const frontProblems = (form: PieceForm): readonly Problem[] =>
  form.build.bodies.flatMap((it, index) => {
    const line = form.fronts[bodyKey(it.id)];
    const front = line === undefined ? undefined : textToFront(line);
    return front && 'problem' in front
      ? [{ path: `build.bodies.${index}.front`, message: front.problem }]
      : [];
  });

/** What was typed, read as a description, with all that is wrong with it. */
export const descriptionOf = (form: PieceForm, units: UnitSystem) => {
  const result = read(pieceDescription, {
    ...form,
    build: buildIn(form, units, true),
    yearFrom: yearOf(form.yearFrom),
    yearTo: yearOf(form.yearTo),
  });
  const fronts = frontProblems(form);
  if (fronts.length === 0) return result;
  return { ok: false as const, problems: [...fronts, ...(result.ok ? [] : result.problems)] };
};

/** Where in the form a problem of the description belongs. */
export const fieldOf = (form: PieceForm, path: string): string => {
  const found = /^build\.bodies\.(\d+)\.(measures\.(\w+)|front|choices)/.exec(path);
  const body = form.build.bodies[Number(found?.[1])];
  if (!found || !body) return path;
  return found[3] === undefined
    ? `fronts.${bodyKey(body.id)}`
    : `typed.${bodyKey(body.id)}.${found[3]}`;
};

/** What a measure usually is on this piece: as its quick start has it, else as its kind has. */
const usualOf = (form: PieceForm, body: Body, measure: string): number => {
  const start = quickStart(form.build.startedFrom)?.build.bodies.find((it) => it.id === body.id);
  return (
    (start?.kind === body.kind ? start.measures[measure] : undefined) ??
    bodyKindOf(body.kind).measures.find((it) => it.id === measure)?.usual ??
    0
  );
};

/** Was a length probably typed in another unit? */
export const slipOf = (
  form: PieceForm,
  body: Body,
  measure: string,
  units: UnitSystem,
): UnitSlip | undefined => {
  const text = form.typed[bodyKey(body.id)]?.[measure] ?? '';
  const mm = typedToLength(text, units);
  return mm === undefined ? undefined : unitSlip(mm, usualOf(form, body, measure), units);
};

const inPlainWords = (problem: Problem): string =>
  problem.message.startsWith('Invalid input')
    ? 'A whole year, or leave it empty.'
    : problem.message;

const nest = (path: string, leaf: object): object =>
  path.split('.').reduceRight<object>((inner, key) => ({ [key]: inner }), leaf);

const mergeDeep = (a: object, b: object): object => {
  const merged: Record<string, unknown> = { ...a };
  for (const [key, value] of Object.entries(b)) {
    const old = merged[key];
    merged[key] =
      typeof old === 'object' && old !== null && typeof value === 'object' && value !== null
        ? mergeDeep(old, value as object)
        : value;
  }
  return merged;
};

/** Problems as react-hook-form wants them: nested by field. */
export const errorsOf = (form: PieceForm, problems: readonly Problem[]): object =>
  problems.reduce<object>(
    (all, it) =>
      mergeDeep(all, nest(fieldOf(form, it.path), { type: 'wrong', message: inPlainWords(it) })),
    {},
  );

/** Checks the form by the schema of core. */
export const pieceResolver =
  (units: UnitSystem): Resolver<PieceForm> =>
  (form) => {
    const result = descriptionOf(form, units);
    return result.ok
      ? { values: form, errors: {} }
      : { values: {}, errors: errorsOf(form, result.problems) };
  };
