import { bodyKindOf, type BodyKindId } from './bodies';
import { MOST_BODIES, readBody, usualBody, type Body, type Build, type SurfaceEdit } from './build';
import { type Cell, type Front, type FrontLane } from './front';

/** What a builder does to a build. Each gives a new build; what can't be done leaves it was. */

/** Changes one body by its id. */
export const inBody = (it: Build, bodyId: string, how: (one: Body) => Body): Build => ({
  ...it,
  bodies: it.bodies.map((one) => (one.id === bodyId ? how(one) : one)),
});

/** One measure of a body becomes this, mm or a number. */
export const measured = (it: Build, bodyId: string, measure: string, value: number): Build =>
  inBody(it, bodyId, (one) => ({ ...one, measures: { ...one.measures, [measure]: value } }));

const freshId = (taken: readonly string[], first = 2): string => {
  for (let number = first; ; number++) if (!taken.includes(String(number))) return String(number);
};

const NAMES = { on: 'Upper', beside: 'Right' } as const;

/** Adds a body of usual measures, as wide as the one it stands on. */
export const addBody = (it: Build, kind: BodyKindId, stands: Body['stands']): Build => {
  if (it.bodies.length >= MOST_BODIES) return it;
  const id = freshId(it.bodies.map((one) => one.id));
  const same = it.bodies.filter((one) => one.name.startsWith(NAMES[stands])).length;
  const name = same === 0 ? NAMES[stands] : `${NAMES[stands]} ${same + 1}`;
  const below = it.bodies.at(-1);
  const width = below?.measures.width;
  const own = usualBody(kind);
  const range = bodyKindOf(kind).measures.find((one) => one.id === 'width');
  const fits = width !== undefined && range && width >= range.min && width <= range.max;
  return {
    ...it,
    bodies: [
      ...it.bodies,
      {
        ...own,
        id,
        name,
        stands,
        measures: {
          ...own.measures,
          ...(stands === 'on' && fits ? { width } : {}),
          ...(stands === 'on' && 'legHeight' in own.measures ? { legHeight: 0 } : {}),
        },
      },
    ],
  };
};

/** Takes a body away with all that was said of its surfaces; the last one stays. */
export const removeBody = (it: Build, bodyId: string): Build =>
  it.bodies.length === 1 ? it : { ...it, bodies: it.bodies.filter((one) => one.id !== bodyId) };

/** The front of a body that has one becomes another. */
export const withFront = (it: Build, bodyId: string, how: (front: Front) => Front): Build =>
  inBody(it, bodyId, (one) => {
    const { front } = readBody(one);
    return front ? { ...one, front: how(front) } : one;
  });

const inLane = (it: Front, lane: number, how: (one: FrontLane) => FrontLane): Front => ({
  ...it,
  of: it.of.map((one, index) => (index === lane ? how(one) : one)),
});

/** Where a cell is: its lane, and its place in the lane. */
export interface CellPlace {
  readonly lane: number;
  readonly index: number;
}

/** Facts about one cell become others. */
export const setCell = (it: Front, { lane, index }: CellPlace, told: Partial<Cell>): Front =>
  inLane(it, lane, (one) => ({
    ...one,
    cells: one.cells.map((cell, at) => (at === index ? { ...cell, ...told } : cell)),
  }));

const MOST_CELLS = 12;
const MOST_LANES = 20;

/** Cuts a cell in two alike, along its lane. */
export const splitCell = (it: Front, { lane, index }: CellPlace): Front =>
  inLane(it, lane, (one) => {
    const cell = one.cells[index];
    if (!cell || one.cells.length >= MOST_CELLS) return one;
    const half = { ...cell, size: Math.max(0.05, cell.size / 2) };
    return {
      ...one,
      cells: [...one.cells.slice(0, index), half, half, ...one.cells.slice(index + 1)],
    };
  });

/** Adds a lane like the one given, after it. */
export const addRow = (it: Front, lane: number): Front => {
  const own = it.of[lane];
  return own && it.of.length < MOST_LANES
    ? { ...it, of: [...it.of.slice(0, lane + 1), own, ...it.of.slice(lane + 1)] }
    : it;
};

/** Takes a cell away; an empty lane goes with it, and the last cell of all stays. */
export const removeCell = (it: Front, { lane, index }: CellPlace): Front => {
  const own = it.of[lane];
  if (!own) return it;
  if (own.cells.length > 1) {
    return inLane(it, lane, (one) => ({
      ...one,
      cells: one.cells.filter((_, at) => at !== index),
    }));
  }
  return it.of.length === 1 ? it : { ...it, of: it.of.filter((_, at) => at !== lane) };
};

/** Says something of a surface by hand, beside what was said before. */
export const withEdit = (it: Build, edit: SurfaceEdit): Build => {
  const before = it.edits.find((one) => one.surfaceId === edit.surfaceId);
  return {
    ...it,
    edits: [...it.edits.filter((one) => one.surfaceId !== edit.surfaceId), { ...before, ...edit }],
  };
};

/** An id for a surface that nobody has: "own-2". */
export const freshSurfaceId = (taken: readonly string[], like = 'own'): string => {
  for (let number = 2; ; number++) {
    const id = `${like}-p${number}`;
    if (!taken.includes(id)) return id;
  }
};
