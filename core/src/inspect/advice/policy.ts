import type { InspectionTest } from '../../catalog';
import type { Piece, Shop } from '../../piece';
import { adviseSurface } from './advice';
import { stateOf, inspectPiece } from '../belief/beliefs';
import { TELLING_TESTS } from '../belief/likelihood';
import { fatesOf, prospectOf } from './fates';
import { bestPlan, lossOf, lossTables } from './losses';
import { posteriorsOf } from '../belief/posterior';
import { asObservation } from '../belief/sample';
import { STATES } from '../belief/space';
import { veneerOf } from '../belief/veneer';

/** How a walk through the tests of one surface went. */
export interface Walk {
  readonly minutes: number;
  readonly tests: number;
  /** Minutes lost against the plan that would have been taken, had all been known. */
  readonly regret: number;
  readonly mistaken: boolean;
}

/** Chooses the next test on a surface; undefined ends the walk. */
export type Policy = (piece: Piece, shop: Shop, surfaceId: string) => InspectionTest | undefined;

/** Does what Obrik advises, until nothing is worth its minutes. */
export const advised: Policy = (piece, shop, surfaceId) =>
  adviseSurface(piece, shop, surfaceId).find(
    (it) => it.test.informs.length > 0 && it.test.kind !== 'layer',
  )?.test;

/** Goes through the whole list in its fixed order, until the surface is settled. Scrapes no suspect paint either. */
export const checklist: Policy = (piece, shop, surfaceId) => {
  const beliefs = inspectPiece(piece, shop).find((it) => it.surfaceId === surfaceId);
  if (!beliefs || (stateOf(beliefs) === 'settled' && beliefs.wood.settled && beliefs.bleed.settled))
    return undefined;
  const done = new Set(
    piece.observations.filter((it) => it.surfaceId === surfaceId).map((it) => it.testId),
  );
  const suspect = beliefs.leadStatus.kind === 'open';
  return TELLING_TESTS.find(
    (it) => it.kind === 'choice' && !done.has(it.id) && !(it.abrades && suspect),
  );
};

/** A plan that loses more than this against the best one was a mistake, minutes. */
const MISTAKE = 20;

/**
 * Walks through the tests of one surface whose truth is known, and judges the plan taken at the end.
 * @param truth index of the true state
 * @param shows what each test shows on it; the same for every policy that is compared
 */
export const walk = (
  start: Piece,
  shop: Shop,
  surfaceId: string,
  truth: number,
  policy: Policy,
  shows: (test: InspectionTest) => number,
): Walk => {
  let piece = start;
  let minutes = 0;
  let tests = 0;
  for (let next = policy(piece, shop, surfaceId); next; next = policy(piece, shop, surfaceId)) {
    const seen = asObservation(next, surfaceId, shows(next), tests);
    piece = { ...piece, observations: [...piece.observations, seen] };
    minutes += next.minutes;
    tests += 1;
    if (tests > TELLING_TESTS.length) break;
  }
  const end = posteriorsOf(piece, shop).find((it) => it.surface.id === surfaceId);
  if (!end) throw new Error(`This piece has no surface "${surfaceId}".`);
  const aim = piece.aims.find((it) => it.surfaceId === surfaceId);
  const [table] = lossTables(end.surface, aim, veneerOf(piece, []).tooThin);
  if (!table) return { minutes, tests, regret: 0, mistaken: false };
  const certain = new Float64Array(STATES.length);
  certain[truth] = 1;
  // Lead is the gate's business: a plan is judged by all that the gate does not decide.
  const noLead = { paint: 0, other: 0 };
  const known = prospectOf(fatesOf(certain), noLead);
  const taken = bestPlan(table, prospectOf(fatesOf(end.posterior()), noLead)).plan;
  const regret = lossOf(table, taken, known) - bestPlan(table, known).loss;
  return { minutes, tests, regret, mistaken: regret > MISTAKE };
};
