import { PLAIN, type Place, type Traits } from '../effect';
import {
  advance,
  effort,
  foundLayer,
  batchKeyOf,
  keyOf,
  unworkedPiece,
  unworkedSurface,
  type SurfaceState,
  type Task,
} from '../work';

/** A task for a test: on a surface, or on what is told. */
export interface ToldTask {
  readonly on?: string;
  readonly place?: Place;
  readonly surfaceIds?: readonly string[];
  readonly rule?: string;
  readonly occurrence?: string;
  readonly traits?: Partial<Traits>;
}

/** Makes a task of what is told; the rest is plain. */
export const taskFor = (
  told: ToldTask & Partial<Omit<Task, 'place' | 'traits' | 'surfaceIds'>> = {},
): Task => {
  const { on = 'top', place = { of: 'surface', id: on }, surfaceIds = [on], ...rest } = told;
  const rule = rest.rule ?? 'some-rule';
  const occurrence = rest.occurrence ?? '1';
  const base = {
    rule,
    method: rest.method ?? ('vacuum' as const),
    setUp: rest.setUp ?? {},
    holds: rest.holds ?? [],
  };
  return {
    key: keyOf(place, rule, occurrence),
    place,
    occurrence,
    phase: 'clean',
    rank: 0,
    title: 'Some work',
    how: [{ text: 'Do it.', does: [] }],
    reason: { rule, text: 'It is needed here.', ofSurface: true, observationIds: [] },
    effort: effort('vacuum', 1),
    consumes: [],
    protection: [],
    cautions: [],
    checks: [],
    risks: [],
    wait: null,
    gate: null,
    ladder: null,
    sandThrough: null,
    insteadOf: [],
    batchKey: batchKeyOf(base),
    ...base,
    ...rest,
    traits: { ...PLAIN, ...rest.traits },
    surfaceIds,
  };
};

/** A face of solid oak with old lacquer on it, nobody's work so far. */
export const LACQUERED = unworkedSurface([
  foundLayer({ of: 'substrate', id: 'hardwood' }, 20_000),
  foundLayer({ of: 'old', id: 'lacquer' }, 40),
]);

/** What a face is like after some work on it. */
export const after = (face: SurfaceState, ...traits: readonly Partial<Traits>[]): SurfaceState =>
  traits
    .map((it, index) => taskFor({ occurrence: `${index + 1}`, traits: it }))
    .reduce(advance, unworkedPiece({ top: face })).surfaces.top ?? face;
