import { setTimeout as pause } from 'node:timers/promises';
import type { ShopLedger } from '@obrik/core/ledger';
import type { Logger } from 'pino';
import type { LedgerStore, Planned } from '../store/ledger';
import type { News } from '../routers/news';
import type { Heavy } from './pool';
import { minuteOf } from '../http/minute';

interface Needs {
  readonly ledger: LedgerStore;
  readonly heavy: Heavy;
  readonly news: News;
  readonly log: Logger;
  readonly now: () => Date;
}

export interface Cards {
  /** Ends the planning once the card in hand is done. */
  stop(): Promise<void>;
  /** Waits until all cards are planned. */
  idle(): Promise<void>;
}

/** Cards planned one after the other before the lists hear of it. */
const AT_ONCE = 10;
/** So often it is looked at whether a recoat window has closed, so that a card says otherwise, ms. */
const WINDOWS = 60_000;
/** The record is at rest when nothing has come in for this long, ms. */
const QUIET = 200;
/** Longer than this, planning waits for no rest, ms. */
const LATEST = 3000;

/**
 * Plans the cards of the list behind the scenes: those of pieces that changed, all when the shop
 * changed. Only one at a time, and while nothing comes in, so that planning never holds up what is
 * asked for.
 */
export const keepSummaries = ({ ledger, heavy, news, log, now }: Needs): Cards => {
  let running: Promise<void> | undefined;
  let again = false;
  let stopped = false;
  /** Counts what comes in. */
  let came = 0;

  /** Waits until nothing has come in for a while, or for as long as cards may be old. */
  const quiet = async (): Promise<void> => {
    const end = Date.now() + LATEST;
    for (let seen = -1; seen !== came && Date.now() < end && !stopped;) {
      seen = came;
      await pause(QUIET);
    }
  };

  const planOne = async (
    pieceId: string,
    { shop, seq: shopSeq }: ShopLedger,
  ): Promise<Planned[]> => {
    const record = await ledger.piece(pieceId);
    if (!record) return [];
    const planned = await heavy.run('summary', record.piece, shop, minuteOf(now()));
    return [{ pieceId, seq: record.seq, shopSeq, planned }];
  };

  const round = async (): Promise<void> => {
    const failed = new Set<string>();
    for (;;) {
      await quiet();
      const shop = await ledger.shop();
      const open = (await ledger.unplanned(shop.seq, minuteOf(now()))).filter(
        (it) => !failed.has(it),
      );
      if (open.length === 0 || stopped) return;
      const done: Planned[] = [];
      for (const pieceId of open.slice(0, AT_ONCE)) {
        if (stopped) break;
        try {
          done.push(...(await planOne(pieceId, shop)));
        } catch (error) {
          // One piece that can't be planned leaves its card as it is, and the others alone.
          failed.add(pieceId);
          log.error({ pieceId, error: String(error) }, 'card not planned');
        }
      }
      await ledger.putPlanned(done);
      news.summariesCame();
    }
  };

  const wake = (): void => {
    if (stopped) return;
    if (running) {
      again = true;
      return;
    }
    running = round()
      .catch((error: unknown) => log.error({ error: String(error) }, 'cards not planned'))
      .finally(() => {
        running = undefined;
        if (again) {
          again = false;
          wake();
        }
      });
  };

  news.listen((what) => {
    if (what !== 'entries') return;
    came++;
    wake();
  });
  wake();
  const windows = setInterval(wake, WINDOWS);
  windows.unref();
  const idle = async (): Promise<void> => {
    while (running) await running;
  };
  return {
    idle,
    stop: async () => {
      stopped = true;
      clearInterval(windows);
      await idle();
    },
  };
};
