import { dayAfter, monthsAfter } from '../clock';
import { MATERIALS, type Material } from '../catalog';
import { linesOf, type Piece, type Stocked } from '../piece';

/** How a container stands: what the shop has to be told of it. */
export const STOCK_STATES = ['fresh', 'soon', 'expired', 'empty'] as const;
export type StockState = (typeof STOCK_STATES)[number];

/** A container as it stands now: what was seen, less what the bench has taken since. */
export interface OnHand {
  readonly container: Stocked;
  /** What is left, in the unit of the material; never below nothing. */
  readonly left: number;
  /** What the bench wrote down since it was last seen. */
  readonly taken: number;
  /** More was written down than it held: somebody should look at it. */
  readonly overdrawn: boolean;
  /** Little is left: under a fifth of what it holds. */
  readonly low: boolean;
  /** The last day on which it is good, where that can be told. */
  readonly keepsUntil: string | null;
  readonly state: StockState;
}

/** Under this share of what it holds a container is low. */
const LOW = 0.2;
/** What is left by less than this is nothing: a film on the wall of the can. */
const NOTHING = 1e-6;
/** Days before its end from which on a container is told of. */
const SOON_DAYS = 30;

/** The last day on which a container is good: as somebody said, else by the shelf life of its kind. */
export const keepsUntil = (it: Stocked): string | null => {
  if (it.keepsUntil !== null) return it.keepsUntil;
  const { shelfMonths } = MATERIALS.get(it.material);
  return shelfMonths === null || it.boughtOn === null
    ? null
    : monthsAfter(it.boughtOn, shelfMonths);
};

/** What was taken from each container, by the lines of the bench: what and when. */
const takenBy = (pieces: readonly Pick<Piece, 'log'>[]) => {
  const lines = new Map<string, { at: string; quantity: number }[]>();
  for (const { log } of pieces) {
    for (const { containerId, at, quantity } of linesOf(log, 'used')) {
      if (containerId === null) continue;
      lines.set(containerId, [...(lines.get(containerId) ?? []), { at, quantity }]);
    }
  }
  return lines;
};

/**
 * The stock as it stands: each container as it was last seen, less what was written down at the
 * bench after that. A fold over both records: the same from any order of them, and never negative.
 * @param today the day of the shop, YYYY-MM-DD
 */
export const stockNow = (
  stock: readonly Stocked[],
  pieces: readonly Pick<Piece, 'log'>[],
  today: string,
): readonly OnHand[] => {
  const taken = takenBy(pieces);
  return stock
    .filter((it) => !it.gone)
    .map((container): OnHand => {
      const since = (taken.get(container.id) ?? []).filter(
        (it) => Date.parse(it.at) > Date.parse(container.seenAt),
      );
      const sum = since
        .map((it) => it.quantity)
        .sort((a, b) => a - b)
        .reduce((total, it) => total + it, 0);
      const left = Math.max(0, container.left - sum);
      const until = keepsUntil(container);
      return {
        container,
        left: left < NOTHING ? 0 : left,
        taken: sum,
        overdrawn: sum > container.left + NOTHING,
        low: left < LOW * container.size,
        keepsUntil: until,
        state:
          left < NOTHING
            ? 'empty'
            : until === null || until >= dayAfter(today, SOON_DAYS)
              ? 'fresh'
              : until < today
                ? 'expired'
                : 'soon',
      };
    });
};

/** Old first: what was opened, then what ends first, then what was bought first. */
const oldFirst = (a: OnHand, b: OnHand): number => {
  const opened = (it: OnHand) => (it.container.openedOn === null ? 1 : 0);
  const end = (it: OnHand) => it.keepsUntil ?? '9999';
  const bought = (it: OnHand) => it.container.boughtOn ?? '9999';
  return (
    opened(a) - opened(b) ||
    end(a).localeCompare(end(b)) ||
    bought(a).localeCompare(bought(b)) ||
    a.container.id.localeCompare(b.container.id)
  );
};

/** The containers that a need can be met from, in the order in which they are to be used. */
export const usable = (
  onHand: readonly OnHand[],
  material: Material,
  colour: string | null,
): readonly OnHand[] =>
  onHand
    .filter(
      ({ container, state }) =>
        container.material === material &&
        container.colour === colour &&
        (state === 'fresh' || state === 'soon'),
    )
    .sort(oldFirst);

/** So much from that container. */
export interface FromStock {
  readonly containerId: string;
  readonly quantity: number;
}

/**
 * Meets a need from what is on hand, old first.
 * @returns what is taken from which container, and what is still missing
 */
export const meetFromStock = (
  need: number,
  list: readonly OnHand[],
): { readonly from: readonly FromStock[]; readonly missing: number } => {
  let missing = need;
  const from: FromStock[] = [];
  for (const { container, left } of list) {
    const quantity = Math.min(missing, left);
    if (quantity <= NOTHING) continue;
    from.push({ containerId: container.id, quantity });
    missing -= quantity;
  }
  return { from, missing: missing <= NOTHING ? 0 : missing };
};
