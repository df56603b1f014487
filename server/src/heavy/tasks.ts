import {
  alternativesFor,
  branchesOf,
  caseOf,
  planSummary,
  shopCase,
  whatIfs,
  type Case,
} from '@obrik/core/case';
import type { Minute } from '@obrik/core/climate';
import type { Piece, Shop, Stocked } from '@obrik/core/piece';
import { careSheetPaper, routeCard, type Ticket } from '@obrik/core/route';
import { optionsFor, pieceBook, type Found } from '@obrik/core/run';
import { benchOf, planShop, type PlanningAsked, type Timetable } from '@obrik/core/schedule';
import {
  costOf,
  decisionsFor,
  earningsOf,
  quoteFor,
  quotePaper,
  shopMoney,
  type QuoteOption,
} from '@obrik/core/money';
import { shoppingFor, shoppingPaper } from '@obrik/core/supply';
import { learnPaces, timedIn } from '@obrik/core/work';
import { asPdf, type Typeface } from '../papers/pdf';

/** A plan of the shop, as it is told. */
export interface PlannedShop {
  readonly timetable: Timetable;
  /** Minutes since 1970: when all is done, and before which it can't be; null where work is stalled. */
  readonly finish: number | null;
  readonly bound: number | null;
  readonly sessions: number;
  readonly gap: number;
}

/** A better plan was found. */
export type BetterPlan = Pick<PlannedShop, 'finish' | 'sessions' | 'gap'> & {
  readonly rounds: number;
};

/** What is planned, from when on, and for what. */
export type ScheduleAsked = readonly [
  pieces: readonly Piece[],
  shop: Shop,
  now: number,
  asked: PlanningAsked & { readonly rounds: number },
];

/** Plans the shop, and tells each better plan as it is found. */
export const planWithProgress = (
  told: (it: BetterPlan) => void,
  ...[pieces, shop, now, asked]: ScheduleAsked
): PlannedShop => {
  const bench = benchOf(pieces, shop, now);
  const { timetable, answer, bound, gap, finish } = planShop(
    bench,
    shop,
    now,
    asked,
    (it, rounds) =>
      told({
        finish: it.finish,
        sessions: it.answer.outcome.sessions,
        gap: it.gap,
        rounds,
      }),
  );
  const { sessions } = answer.outcome;
  return { timetable, finish, sessions, bound: finish === null ? null : bound.finish, gap };
};

/** What is asked about one piece: with what crosses to a thread, where the case is made. */
type OfPiece<More extends readonly unknown[] = []> = readonly [
  piece: Piece,
  shop: Shop,
  now: Minute,
  ...more: More,
];

/** A task about the case of a piece. */
const ofPiece =
  <T, More extends readonly unknown[] = []>(task: (it: Case, ...more: More) => T) =>
  (...[piece, shop, now, ...more]: OfPiece<More>): T =>
    task(caseOf({ piece, shop, now }), ...more);

/** What is asked about all pieces of the shop. */
type OfShop = Parameters<typeof shopCase>;

/** What takes long, by name: done beside the thread that answers requests. All are pure. */
export const TASKS = {
  summary: ofPiece(planSummary),
  route: ofPiece((it) => it.route),
  alternatives: ofPiece(alternativesFor),
  whatIfs: ofPiece(whatIfs),
  schedule: (...asked: ScheduleAsked): PlannedShop => planWithProgress(() => {}, ...asked),
  branches: ofPiece(branchesOf),
  careSheet: ofPiece((it) => it.careSheet),
  routePdf: ofPiece((it, ticket: Ticket, typeface: Typeface) =>
    asPdf(routeCard(it.piece, it.route, ticket), typeface),
  ),
  careSheetPdf: ofPiece((it, ticket: Ticket, typeface: Typeface) =>
    asPdf(careSheetPaper(it.piece, it.careSheet, ticket), typeface),
  ),
  bookPdf: ofPiece(
    (it, ticket: Ticket, typeface: Typeface, photos: ReadonlyMap<string, Uint8Array>) =>
      asPdf(pieceBook(it, ticket), typeface, photos),
  ),
  shopping: (of: OfShop, today: string) => shoppingFor(shopCase(...of), today),
  shoppingPdf: (of: OfShop, only: string, today: string, at: number, typeface: Typeface) => {
    const all = shopCase(...of);
    const list = shoppingFor(all, today, only === '' ? undefined : only);
    return asPdf(shoppingPaper(list, all.shop, at), typeface);
  },
  costs: ofPiece((it, users: readonly Piece[], stock: readonly Stocked[]) => {
    const paces = learnPaces(users.flatMap(({ done, log }) => timedIn(done, log)));
    const cost = costOf(it, { stock, users, paces });
    return { cost, earnings: earningsOf(cost, it.piece.account, it.shop.money) };
  }),
  money: (of: OfShop) => shopMoney(shopCase(...of)),
  decisions: ofPiece(decisionsFor),
  quote: ofPiece(quoteFor),
  quotePdf: (
    options: readonly QuoteOption[],
    shop: Shop,
    about: Parameters<typeof quotePaper>[2],
    typeface: Typeface,
  ) => asPdf(quotePaper(options, shop, about), typeface),
  remedies: ofPiece((it, found: Found) => optionsFor(it, found)),
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]>;
export type TaskOutput<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;
