import { caseOf, planSummary } from '@obrik/core/case';
import type { PlannedSummary } from '@obrik/core/ledger';
import type { Piece, Shop, Stocked } from '@obrik/core/piece';
import {
  alternativesFor,
  branchesOf,
  careSheetOf,
  careSheetPaper,
  planRoute,
  routeCard,
  whatIfs,
  type Paper,
  type Ticket,
} from '@obrik/core/route';
import { optionsFor, pieceBook, type Found } from '@obrik/core/run';
import {
  airDuring,
  benchOf,
  hardenedOn,
  planShop,
  type Asked,
  type Timetable,
} from '@obrik/core/schedule';
import {
  costOf,
  decisionsFor,
  earningsOf,
  quoteFor,
  quotePaper,
  shopMoney,
  type QuoteOption,
} from '@obrik/core/money';
import { shoppingFor, shoppingPaper, type Shelves } from '@obrik/core/supply';
import { CLOCK_WORDS } from '@obrik/core/words';
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
  asked: Asked & { readonly rounds: number },
];

/** Plans the shop, and tells each better plan as it is found. */
export const planAloud = (
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

/** A time of the record as a day, by the shop's clock. */
const dayIn = ({ timeZone }: Shop): ((iso: string) => string) => {
  const clock = new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    timeZone,
  });
  return (iso) => clock.format(new Date(iso));
};

/** The book of a piece, its times as the shop's clock shows them. */
const bookFor = (piece: Piece, shop: Shop, { number, printed }: Ticket): Paper => {
  const clock = new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: shop.timeZone,
  });
  return pieceBook(caseOf(piece, shop), {
    number,
    printed,
    units: shop.units,
    when: (iso) => clock.format(new Date(iso)),
    airOf: (it) => {
      const air = airDuring(shop, it);
      return air && CLOCK_WORDS.figures(air.celsius, air.humidity, shop.units);
    },
  });
};

/** What takes long, by name: done beside the thread that answers requests. All are pure. */
export const TASKS = {
  summary: (piece: Piece, shop: Shop): PlannedSummary => planSummary(piece, shop),
  route: (piece: Piece, shop: Shop) => planRoute(piece, shop),
  alternatives: (piece: Piece, shop: Shop) => alternativesFor(piece, shop),
  whatIfs: (piece: Piece, shop: Shop) => whatIfs(piece, shop),
  schedule: (...asked: ScheduleAsked): PlannedShop => planAloud(() => {}, ...asked),
  branches: (piece: Piece, shop: Shop) => branchesOf(piece, shop),
  careSheet: (piece: Piece, shop: Shop) => careSheetOf(piece, shop),
  routePdf: (piece: Piece, shop: Shop, ticket: Ticket, typeface: Typeface) =>
    asPdf(routeCard(piece, planRoute(piece, shop), ticket), typeface),
  careSheetPdf: (piece: Piece, shop: Shop, ticket: Ticket, typeface: Typeface) =>
    asPdf(careSheetPaper(piece, careSheetOf(piece, shop), ticket, dayIn(shop)), typeface),
  bookPdf: (
    piece: Piece,
    shop: Shop,
    ticket: Ticket,
    typeface: Typeface,
    photos: ReadonlyMap<string, Uint8Array>,
  ) => asPdf(bookFor(piece, shop, ticket), typeface, photos),
  shopping: (pieces: readonly Piece[], shop: Shop, shelves: Shelves) =>
    shoppingFor(pieces, shop, shelves),
  shoppingPdf: (
    pieces: readonly Piece[],
    only: string,
    shop: Shop,
    shelves: Shelves,
    on: string,
    typeface: Typeface,
  ) => {
    const list = shoppingFor(pieces, shop, shelves, only === '' ? undefined : only);
    const { units, money } = shop;
    return asPdf(shoppingPaper(list, { on, units, currency: money.currency }), typeface);
  },
  costs: (piece: Piece, shop: Shop, users: readonly Piece[], stock: readonly Stocked[]) => {
    const paces = learnPaces(users.flatMap(({ done, log }) => timedIn(done, log)));
    const cost = costOf(piece, { shop, stock, users, paces });
    return { cost, earnings: earningsOf(cost, piece.account, shop.money) };
  },
  money: (pieces: readonly Piece[], shop: Shop, stock: readonly Stocked[]) =>
    shopMoney(pieces, shop, stock),
  decisions: (piece: Piece, shop: Shop) => decisionsFor(piece, shop),
  quote: (piece: Piece, shop: Shop) => quoteFor(piece, shop),
  quotePdf: (
    options: readonly QuoteOption[],
    shop: Shop,
    about: Parameters<typeof quotePaper>[2],
    typeface: Typeface,
  ) => asPdf(quotePaper(options, shop, about), typeface),
  remedies: (piece: Piece, shop: Shop, found: Found, now: number) =>
    optionsFor(piece, shop, found, hardenedOn(piece, shop, now)),
} as const;

export type TaskName = keyof typeof TASKS;
export type TaskInput<N extends TaskName> = Parameters<(typeof TASKS)[N]>;
export type TaskOutput<N extends TaskName> = Awaited<ReturnType<(typeof TASKS)[N]>>;
