import type { Damage, Variable } from '../catalog';
import {
  aim,
  finding,
  newPiece,
  pieceDescription,
  surfacesOf,
  templateOf,
  type Aim,
  type Observation,
  type Piece,
  type Scheme,
  type Shade,
  type TemplateId,
  type Topcoat,
} from '../piece';

/** A piece for a test, told surface by surface. */
export interface Told {
  readonly template?: TemplateId;
  readonly measures?: Readonly<Record<string, number>>;
  readonly years?: readonly [number | null, number | null];
  readonly childsRoom?: boolean;
  /** "test:outcome", or "test:outcome:layer" for a lead result. */
  readonly seen?: Readonly<Record<string, readonly string[]>>;
  readonly readings?: Readonly<Record<string, Readonly<Record<string, number>>>>;
  readonly found?: Readonly<Record<string, readonly Damage[]>>;
  readonly known?: Readonly<Record<string, Partial<Record<Variable, string>>>>;
  readonly aims?: Readonly<Record<string, Scheme>>;
  readonly wish?: Aim['stripWish'];
}

/** A deep copy of plain data. */
export const copyOf = <T>(it: T): T => JSON.parse(JSON.stringify(it)) as T;

const AT = '2026-01-15T10:00:00.000Z';

export const painted = (shade: Shade = 'pale', topcoat: Topcoat = 'waterborne'): Scheme => ({
  kind: 'painted',
  shade,
  topcoat,
});
export const stained = (topcoat: Topcoat = 'waterborne'): Scheme => ({
  kind: 'stained',
  shade: 'mid',
  topcoat,
});
export const clear = (topcoat: Topcoat = 'waterborne'): Scheme => ({ kind: 'clear', topcoat });
export const LEAVE: Scheme = { kind: 'leave' };

/** The measures that a template usually has. */
export const usualMeasures = (template: TemplateId): Record<string, number> =>
  Object.fromEntries(templateOf(template).measures.map((it) => [it.id, it.usual]));

/** An observation. Its id tells what it is, so that tests can name it. */
export const seen = (
  surfaceId: string,
  testId: string,
  rest: Partial<Observation> = {},
): Observation => ({
  id: [surfaceId, testId, rest.layer ?? ''].join('-').replace(/-$/, ''),
  surfaceId,
  testId,
  outcome: null,
  value: null,
  layer: null,
  at: AT,
  by: '',
  ...rest,
});

const entries = <T>(it: Readonly<Record<string, T>> | undefined) => Object.entries(it ?? {});

/** Makes a piece of what is told. Late by default, so that lead is no question. */
export const pieceOf = (told: Told = {}): Piece => {
  const templateId = told.template ?? 'chest';
  const [yearFrom, yearTo] = told.years ?? [1990, 1999];
  const description = pieceDescription.parse({
    name: 'Test piece',
    templateId,
    measures: { ...usualMeasures(templateId), ...told.measures },
    yearFrom,
    yearTo,
    childsRoom: told.childsRoom ?? false,
  });
  return {
    ...newPiece('test-piece', description),
    observations: [
      ...entries(told.seen).flatMap(([surfaceId, list]) =>
        list.map((it) => {
          const [testId = '', outcome = '', layer] = it.split(':');
          return seen(surfaceId, testId, { outcome, layer: layer ? Number(layer) : null });
        }),
      ),
      ...entries(told.readings).flatMap(([surfaceId, list]) =>
        entries(list).map(([testId, value]) => seen(surfaceId, testId, { value })),
      ),
    ],
    findings: entries(told.found).flatMap(([surfaceId, list]) =>
      list.map((damage, index) =>
        finding.parse({ id: `${surfaceId}-${damage}-${index}`, surfaceId, damage, at: AT }),
      ),
    ),
    confirmations: entries(told.known).flatMap(([surfaceId, list]) =>
      Object.entries(list).map(([variable, value]) => ({
        surfaceId,
        variable: variable as Variable,
        value,
        at: AT,
      })),
    ),
    aims: entries(told.aims).map(([surfaceId, scheme]) =>
      aim.parse({ surfaceId, scheme, stripWish: told.wish ?? 'best' }),
    ),
  };
};

/** The same aim for every surface of a template. */
export const allAims = (template: TemplateId, scheme: Scheme): Record<string, Scheme> =>
  Object.fromEntries(
    surfacesOf({ templateId: template, measures: usualMeasures(template) }).map((it) => [
      it.id,
      scheme,
    ]),
  );
