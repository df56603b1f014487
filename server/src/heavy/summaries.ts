import type { Logger } from 'pino';
import type { LedgerStore } from '../store/ledger';
import type { News } from '../routers/news';
import type { Heavy } from './pool';

interface Needs {
  readonly ledger: LedgerStore;
  readonly heavy: Heavy;
  readonly news: News;
  readonly log: Logger;
}

export interface Cards {
  /** Ends the planning once the card in hand is done. */
  stop(): Promise<void>;
  /** Waits until all cards are planned. */
  idle(): Promise<void>;
}

/** Cards planned one after the other before the lists hear of it. */
const AT_ONCE = 10;

/**
 * Plans the cards of the list behind the scenes: those of pieces that changed, all when the shop
 * changed. Only one at a time, so that planning never holds up what is asked for.
 */
export const keepSummaries = ({ ledger, heavy, news, log }: Needs): Cards => {
  let running: Promise<void> | undefined;
  let again = false;
  let stopped = false;

  const planOne = async (pieceId: string): Promise<void> => {
    const [record, { shop, seq: shopSeq }] = await Promise.all([
      ledger.piece(pieceId),
      ledger.shop(),
    ]);
    if (!record) return;
    const planned = await heavy.run('summary', record.piece, shop);
    await ledger.putPlanned(pieceId, { seq: record.seq, shopSeq }, planned);
  };

  const round = async (): Promise<void> => {
    const failed = new Set<string>();
    for (;;) {
      const { seq } = await ledger.shop();
      const open = (await ledger.unplanned(seq)).filter((it) => !failed.has(it));
      if (open.length === 0 || stopped) return;
      for (const pieceId of open.slice(0, AT_ONCE)) {
        if (stopped) return;
        await planOne(pieceId).catch((error: unknown) => {
          // One piece that can't be planned leaves its card as it is, and the others alone.
          failed.add(pieceId);
          log.error({ pieceId, error: String(error) }, 'card not planned');
        });
      }
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
    if (what === 'entries') wake();
  });
  wake();
  const idle = async (): Promise<void> => {
    while (running) await running;
  };
  return {
    idle,
    stop: async () => {
      stopped = true;
      await idle();
    },
  };
};
