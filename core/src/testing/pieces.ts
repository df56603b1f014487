import type { Damage, Variable } from '../catalog';
import {
  aim,
  quickStart,
  finding,
  newPiece,
  pieceDescription,
  surfacesOf,
  type Aim,
  type OldTemplate,
  type Observation,
  type Piece,
  type PieceDescription,
  type Scheme,
  type Shade,
  type Topcoat,
} from '../piece';

/** A piece for a test, told surface by surface. */
export interface Told {
  /** A kind of version 1, by its measures; a chest where nothing is said. */
  readonly template?: OldTemplate;
  /** A quick start instead. */
  readonly start?: string;
  readonly measures?: Readonly<Record<string, number>>;
  readonly years?: readonly [number | null, number | null];
  readonly childsRoom?: boolean;
  readonly described?: Partial<PieceDescription>;
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

const LEGGED = { width: 1000, depth: 420, height: 850, legHeight: 120 };
const SEAT = { width: 1400, depth: 380, height: 450, apronHeight: 80, backrestHeight: 0 };

/** What each kind of version 1 was asked for, and its usual figures. */
const OLD_MEASURES: Readonly<Record<OldTemplate, Readonly<Record<string, number>>>> = {
  chest: { width: 900, depth: 450, height: 850, legHeight: 100, rows: 4, columns: 1 },
  cabinet: { ...LEGGED, doors: 2, shelves: 1 },
  table: { width: 1400, depth: 800, height: 750, apronHeight: 90 },
  bench: SEAT,
  wardrobe: { width: 1100, depth: 580, height: 1950, legHeight: 80, doors: 2, shelves: 1 },
  bookcase: { width: 800, depth: 300, height: 1800, legHeight: 0, shelves: 4 },
  wall: { bays: 3, bayWidth: 800, depth: 320, height: 2200, shelves: 4, doors: 2 },
  stool: { width: 360, depth: 360, height: 480, apronHeight: 60 },
  crib: { width: 1240, depth: 660, height: 800, slats: 36 },
};
export const OLD_TEMPLATES = Object.keys(OLD_MEASURES) as readonly OldTemplate[];

/** The measures that a kind of version 1 usually had. */
export const usualMeasures = (template: OldTemplate): Record<string, number> => ({
  ...OLD_MEASURES[template],
});

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
    ...(told.start === undefined
      ? { templateId, measures: { ...usualMeasures(templateId), ...told.measures } }
      : { build: quickStart(told.start)?.build }),
    ...told.described,
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
export const allAims = (template: OldTemplate, scheme: Scheme): Record<string, Scheme> =>
  Object.fromEntries(surfacesOf(pieceOf({ template })).map((it) => [it.id, scheme]));

/** A table with sound old paint from after the lead years, to be painted again. */
export const paintedTable = (id: string, told: Partial<Piece> = {}): Piece => ({
  ...pieceOf({
    template: 'table',
    years: [1995, 2000],
    seen: {
      top: ['see-through:opaque', 'chip:wood-through'],
      legs: ['see-through:opaque'],
      apron: ['see-through:opaque'],
    },
    aims: { top: painted(), legs: painted(), apron: painted() },
  }),
  id,
  ...told,
});
