/*
 * How pieces told by template and measures were built when 0011 landed. Frozen here: what the
 * program makes of builds today is no matter of an old migration.
 */

type Measures = Readonly<Record<string, number>>;
type Json = Readonly<Record<string, unknown>>;

/** Measures that make up the front, and are no measures of a body. */
const FRONT = ['rows', 'columns', 'doors', 'shelves'];

const bodyOf = (kind: string, usual: Measures, measures: Measures, front: Json | null): Json => ({
  id: '',
  kind,
  name: '',
  stands: 'beside',
  choices: {},
  front,
  measures: { ...usual, ...measures },
});

const gridOf = (columns: number, rows: number, kind: string, shelves = 0): Json => ({
  lanes: 'rows',
  of: Array.from({ length: rows }, () => ({
    size: 1,
    cells: Array.from({ length: columns }, () => ({
      kind,
      size: 1,
      style: 'plain',
      shelves,
      set: '',
    })),
  })),
});

const whole = (it: Measures, name: string, least: number): number =>
  Math.max(least, Math.round(it[name] ?? least));

const CASE = { width: 900, depth: 450, height: 850, legHeight: 0, corniceHeight: 0 };
const caseOf = (it: Measures, front: Json): Json =>
  bodyOf(
    'carcass',
    CASE,
    Object.fromEntries(Object.entries(it).filter(([key]) => !FRONT.includes(key))),
    front,
  );
const closed = (it: Measures): Json =>
  caseOf(it, gridOf(whole(it, 'doors', 1), 1, 'door', whole(it, 'shelves', 0)));

const SEAT = { width: 450, depth: 420, height: 450, apronHeight: 60, backrestHeight: 0 };
const seat = (it: Measures): Json => bodyOf('seat', SEAT, it, null);

const TABLE = { width: 1400, depth: 800, height: 750, apronHeight: 90, drawers: 0 };
const WALL = { bays: 3, bayWidth: 800, depth: 320, height: 2200, shelves: 4, doors: 2 };
const CRIB = { width: 1240, depth: 660, height: 800, slats: 36 };

const BUILT: Readonly<Record<string, (it: Measures) => Json>> = {
  chest: (it) => caseOf(it, gridOf(whole(it, 'columns', 1), whole(it, 'rows', 1), 'drawer')),
  cabinet: closed,
  wardrobe: closed,
  bookcase: (it) => caseOf(it, gridOf(1, 1, 'open', whole(it, 'shelves', 0))),
  table: (it) => bodyOf('table', TABLE, it, null),
  bench: seat,
  stool: seat,
  wall: (it) => bodyOf('wall', WALL, it, null),
  crib: (it) => bodyOf('crib', CRIB, it, null),
};

/** Kinds in which clothes are kept. */
const STORE_CLOTHES = ['chest', 'wardrobe'];

const isMeasures = (it: unknown): it is Measures =>
  typeof it === 'object' &&
  it !== null &&
  Object.values(it).every((one) => typeof one === 'number');

/** A description by template and measures, told by how it is built; undefined where it is no such. */
export const builtOf = ({ templateId, measures, ...rest }: Json): Json | undefined => {
  const make = BUILT[String(templateId)];
  if (!make || !isMeasures(measures)) return undefined;
  return {
    ...rest,
    build: {
      startedFrom: templateId,
      count: 1,
      storesClothes: STORE_CLOTHES.includes(String(templateId)),
      edits: [],
      splits: [],
      merges: [],
      added: [],
      bodies: [make(measures)],
    },
  };
};
