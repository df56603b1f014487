import { planSummary } from '@obrik/core/case';
import type { PlannedSummary } from '@obrik/core/ledger';
import type { Piece, Shop } from '@obrik/core/piece';
import {
  alternativesFor,
  branchesOf,
  careSheetOf,
  careSheetPaper,
  planRoute,
  routeCard,
  whatIfs,
  type Ticket,
} from '@obrik/core/route';
import { benchOf, planShop } from '@obrik/core/schedule';
import { asPdf, type Typeface } from '../papers/pdf';

/** What takes long, by name: done beside the thread that answers requests. All are pure. */
export const TASKS = {
  summary: (piece: Piece, shop: Shop): PlannedSummary => planSummary(piece, shop),
  route: (piece: Piece, shop: Shop) => planRoute(piece, shop),
  alternatives: (piece: Piece, shop: Shop) => alternativesFor(piece, shop),
  whatIfs: (piece: Piece, shop: Shop) => whatIfs(piece, shop),
  schedule: (
    pieces: readonly Piece[],
    shop: Shop,
    now: number,
    asked: Parameters<typeof planShop>[3],
  ) => {
    const { timetable, answer, bound, gap } = planShop(
      benchOf(pieces, shop, now),
      shop,
      now,
      asked,
    );
    const { finish, sessions } = answer.outcome;
    return { timetable, finish, sessions, bound: bound.finish, gap };
  },
  branches: (piece: Piece, shop: Shop) => branchesOf(piece, shop),
  careSheet: (piece: Piece, shop: Shop) => careSheetOf(piece, shop),
  routePdf: (piece: Piece, shop: Shop, ticket: Ticket, typeface: Typeface) =>
    asPdf(routeCard(piece, planRoute(piece, shop), ticket), typeface),
  careSheetPdf: (piece: Piece, shop: Shop, ticket: Ticket, typeface: Typeface) =>
    asPdf(careSheetPaper(piece, careSheetOf(piece, shop), ticket), typeface),
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]>;
export type TaskOutput<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;
