import type { PieceSummary } from '@obrik/core/ledger';
import { readSoFar } from './cursor';
import { theDevice } from './device';

/** A card of the list, and whether something about its piece waits here. */
export interface ListCard extends PieceSummary {
  readonly waiting: boolean;
}

/** As the list has them: by ticket number, those without one last. */
export const cardsInOrder = (cards: readonly ListCard[]): readonly ListCard[] =>
  [...cards].sort((a, b) => (a.number ?? Infinity) - (b.number ?? Infinity));

const settled = (cards: readonly PieceSummary[]): readonly ListCard[] =>
  cardsInOrder(cards.map((it) => ({ ...it, waiting: false })));

const findFirst = async (): Promise<readonly ListCard[] | undefined> => {
  const device = await theDevice();
  if ((await device.outbox.count()) > 0) return undefined;
  const here = await device.cards.toArray();
  if (here.length > 0 || (await readSoFar(device)) === 'whole') return settled(here);
  try {
    const response = await fetch('/api/pieces?after=0');
    if (!response.ok) return undefined;
    const { pieces } = (await response.json()) as { readonly pieces: readonly PieceSummary[] };
    return settled(pieces);
  } catch {
    return undefined;
  }
};

let first: Promise<readonly ListCard[] | undefined> | undefined;
let found: readonly ListCard[] | undefined;

/**
 * The list as it can be had before anything but the first screen is loaded: what this device holds,
 * or the first page of the shop's. That one is shown as it comes; what is kept, the sync reads
 * through its schema. Found once for a page.
 * @returns undefined where that takes more: something waits here, or the shop gives no answer
 */
export const firstCards = (): Promise<readonly ListCard[] | undefined> =>
  (first ??= findFirst().then((cards) => (found = cards)));

/** The same, as far as it is found by now. */
export const firstCardsByNow = (): readonly ListCard[] | undefined => found;
