import {
  TEMPLATES,
  pieceDescription,
  read,
  templateOf,
  type PieceDescription,
  type Problem,
  type TemplateId,
} from '@obrik/core/piece';
import { lengthToTyped, typedToLength, type UnitSystem } from '@obrik/core/units';
import type { Resolver } from 'react-hook-form';

/** A piece as it is typed: every figure still text. */
export interface PieceForm {
  name: string;
  templateId: TemplateId;
  /** By template, so that switching back and forth loses nothing. */
  measures: Record<string, Record<string, string>>;
  yearFrom: string;
  yearTo: string;
  childsRoom: boolean;
  origin: string;
  keep: string;
}

const usualMeasures = (units: UnitSystem): PieceForm['measures'] =>
  Object.fromEntries(
    TEMPLATES.map((template) => [
      template.id,
      Object.fromEntries(
        template.measures.map((it) => [
          it.id,
          it.kind === 'length' ? lengthToTyped(it.usual, units) : String(it.usual),
        ]),
      ),
    ]),
  );

/** An untouched form. */
export const emptyForm = (units: UnitSystem): PieceForm => ({
  name: '',
  templateId: 'chest',
  measures: usualMeasures(units),
  yearFrom: '',
  yearTo: '',
  childsRoom: false,
  origin: '',
  keep: '',
});

/** The form filled with a piece that is there already. */
export const formOf = (it: PieceDescription, units: UnitSystem): PieceForm => ({
  name: it.name,
  templateId: it.templateId,
  measures: {
    ...usualMeasures(units),
    [it.templateId]: Object.fromEntries(
      templateOf(it.templateId).measures.map(({ id, kind }) => {
        const value = it.measures[id] ?? 0;
        return [id, kind === 'length' ? lengthToTyped(value, units) : String(value)];
      }),
    ),
  },
  yearFrom: it.yearFrom === null ? '' : String(it.yearFrom),
  yearTo: it.yearTo === null ? '' : String(it.yearTo),
  childsRoom: it.childsRoom,
  origin: it.origin,
  keep: it.keep,
});

const yearOf = (typed: string): number | null => (typed.trim() === '' ? null : Number(typed));

/** What was typed, read as a description; what could not be read stays NaN and is reported. */
export const descriptionOf = (form: PieceForm, units: UnitSystem) => {
  const typed = form.measures[form.templateId] ?? {};
  return read(pieceDescription, {
    ...form,
    yearFrom: yearOf(form.yearFrom),
    yearTo: yearOf(form.yearTo),
    measures: Object.fromEntries(
      templateOf(form.templateId).measures.flatMap(({ id, kind }) => {
        const text = typed[id] ?? '';
        const value = kind === 'length' ? typedToLength(text, units) : Number(text || NaN);
        return value === undefined || Number.isNaN(value) ? [] : [[id, value]];
      }),
    ),
  });
};

/** Where in the form a problem of the description belongs. */
export const fieldOf = (form: PieceForm, path: string): string =>
  path.startsWith('measures.') ? path.replace('measures.', `measures.${form.templateId}.`) : path;

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
