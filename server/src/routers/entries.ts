import { newsPage, receipts as receiptsOf, sentEntries } from '@obrik/core/contracts';
import { z } from 'zod';
import { endpoint, type Endpoint } from '../http/endpoint';
import type { LedgerStore } from '../store/ledger';
import type { News } from './news';

/** Entries given at once. */
const PAGE = 500;

const numberFrom = (least: number, most: number, usual: number) =>
  z.coerce.number().int().min(least).max(most).default(usual);

interface Needs {
  readonly ledger: LedgerStore;
  readonly news: News;
  readonly now: () => Date;
}

/** The record: entries come in here, and are read here. */
export const entryEndpoints = ({ ledger, news, now }: Needs): readonly Endpoint[] => [
  endpoint({
    method: 'post',
    path: '/entries',
    summary: 'Record entries; each is answered on its own, and sending one again is harmless',
    body: sentEntries,
    reply: receiptsOf,
    handle: async ({ body }) => {
      const time = now();
      const receipts = await ledger.add(body.entries, time);
      if (receipts.some((it) => it.outcome === 'stored')) news.entriesCame();
      return {
        receipts: receipts.map((it) =>
          it.outcome === 'refused' ? { ...it, problems: [...it.problems] } : it,
        ),
        now: time.toISOString(),
      };
    },
  }),
  endpoint({
    method: 'get',
    path: '/entries',
    summary: 'Entries after a given place in the record, in order',
    query: z.object({
      after: numberFrom(0, Number.MAX_SAFE_INTEGER, 0),
      limit: numberFrom(1, PAGE, PAGE),
    }),
    reply: newsPage,
    handle: async ({ query }) => ({
      ...(await ledger.after(query.after, query.limit)),
      record: await ledger.record(),
    }),
  }),
];
