import type { Minute } from '../../climate';
import type { Piece, Shop } from '../../piece';
import { benchOf } from './clockView';
import { shiftsBetween, type PieceShift } from './difference';
import { planShop, type ShopPlan } from '../solver/shopPlan';
import { recordedFor, upsetBy, type Upset } from './upset';

/** What an upset does to the plan. */
export interface WhatItDoes {
  /** Pieces that are done at another time. */
  readonly shifts: readonly PieceShift[];
  /** When all work is done; null where some of it is stalled. */
  readonly before: Minute | null;
  readonly after: Minute | null;
  /** Minutes of scuffing, since windows close that would have been held. */
  readonly scuffs: number;
  /** Steps that are stalled by it. */
  readonly stalled: number;
  /** What is done next, as it would be. */
  readonly next: { readonly name: string; readonly title: string; readonly at: Minute } | null;
}

/** Rounds for each of the two plans: alike, so that neither is favoured. */
const ROUNDS = 150;

const scuffsIn = ({ timetable }: ShopPlan): number =>
  timetable.entries.reduce((sum, it) => sum + it.scuff, 0);

/** The plan with an upset beside the plan without it; nothing is recorded. */
export const whatItDoes = (
  it: Upset,
  pieces: readonly Piece[],
  shop: Shop,
  now: Minute,
): WhatItDoes => {
  const plan = (of: { readonly pieces: readonly Piece[]; readonly shop: Shop }): ShopPlan =>
    planShop(benchOf(of.pieces, of.shop, now), of.shop, now, {
      objective: 'finish',
      seed: 1,
      rounds: ROUNDS,
    });
  const before = plan({ pieces, shop });
  const after = plan(upsetBy(recordedFor(it, pieces, shop), pieces, shop));
  const next = after.timetable.entries.find((one) => !one.running);
  return {
    shifts: shiftsBetween(
      { of: before.of, plan: before.answer.plan },
      { of: after.of, plan: after.answer.plan },
    ),
    before: before.finish,
    after: after.finish,
    scuffs: Math.max(0, scuffsIn(after) - scuffsIn(before)),
    stalled: Math.max(0, after.timetable.stalled.length - before.timetable.stalled.length),
    next: next ? { name: next.name, title: next.operation.title, at: next.start } : null,
  };
};
