import { BLEEDS, REPORTING_SLIP, SISTER_SHARE, type InspectionTest } from '../../catalog';
import { draw, type Dice } from '../../dice';
import { surfacesOf, type Observation, type Piece } from '../../piece';
import { TELLING_TESTS, tableOf } from './likelihood';
import { bleedChance, makePrior } from './priors';
import { MAKES, STATES, STATES_PER_MAKE, type Make } from './space';

/**
 * Draws what every surface of a piece really is, from the catalog's own model: each surface is
 * made anew, or with a small chance like a sister that was made before it.
 * @returns for each surface the index of its state in STATES
 */
export const drawTruth = (piece: Piece, dice: Dice): ReadonlyMap<string, number> => {
  const made: { readonly part: string; readonly make: number }[] = [];
  return new Map(
    surfacesOf(piece).map((surface) => {
      const sister = made[Math.floor(dice() * made.length)];
      const share = sister
        ? SISTER_SHARE[sister.part === surface.part ? 'samePart' : 'otherPart']
        : 0;
      const make =
        sister && dice() < share ? sister.make : draw(makePrior(piece, surface.part), dice);
      made.push({ part: surface.part, make });
      const of = MAKES[make] as Make;
      const bleed = draw(
        BLEEDS.ids.map((it) => bleedChance(of, it)),
        dice,
      );
      return [surface.id, make * STATES_PER_MAKE + bleed] as const;
    }),
  );
};

/**
 * What a test shows on a surface of this state.
 * @param slip chance that the result is misread; then each result is as likely
 */
export const drawResult = (
  test: InspectionTest,
  state: number,
  dice: Dice,
  slip = REPORTING_SLIP,
): number => {
  const table = tableOf(test);
  if (!table) throw new Error(`No belief rests on the test "${test.id}".`);
  if (dice() < slip) return Math.floor(dice() * table.results);
  return draw(test.informs[table.rowOf[state] as number]?.chances ?? [], dice);
};

/** What every test shows on a surface of this state, drawn once: repeating a test tells nothing new. */
export const drawResults = (state: number, dice: Dice): ((test: InspectionTest) => number) => {
  const results = new Map(TELLING_TESTS.map((it) => [it.id, drawResult(it, state, dice)]));
  return (test) => results.get(test.id) ?? 0;
};

/** A result as it would be recorded. */
export const asObservation = (
  test: InspectionTest,
  surfaceId: string,
  result: number,
  serial: number,
): Observation => ({
  id: `${surfaceId}-${serial}`,
  surfaceId,
  testId: test.id,
  outcome: test.kind === 'reading' ? null : (test.outcomes[result]?.id ?? null),
  value: test.kind === 'reading' ? Math.min(test.max, test.bands[result]?.upTo ?? 0) : null,
  layer: test.kind === 'layer' ? 1 : null,
  at: '2026-01-01T00:00:00.000Z',
  by: '',
});

export const stateAt = (index: number) => STATES[index] as (typeof STATES)[number];
