import { recordLine, unreadable } from '@obrik/core/ledger';
import { z } from 'zod';
import { endpoint, type Endpoint } from '../http/endpoint';
import type { LedgerStore } from '../store/ledger';
import type { News } from './news';

/** Entries taken at once. */
const BATCH = 200;
/** Entries given at once. */
const PAGE = 500;

const problems = z.array(z.object({ path: z.string(), message: z.string() }));

/** What became of one entry. */
const receipt = z.discriminatedUnion('outcome', [
  z.object({
    outcome: z.enum(['stored', 'known']),
    id: z.string(),
    seq: z.int().min(1),
    number: z.int().min(1).nullable(),
  }),
  z.object({ outcome: z.literal('refused'), id: z.string().nullable(), problems }),
]);

/** Entries as they stand in the record, and lines that can't be read. */
export const entriesPage = z.object({
  entries: z.array(recordLine),
  unreadable: z.array(unreadable),
  last: z.int().min(0),
  more: z.boolean(),
});

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
    body: z.object({
      /** Each of the form "Entry"; one that is not is refused by itself. */
      entries: z.array(z.record(z.string(), z.unknown())).min(1).max(BATCH),
    }),
    reply: z.object({ receipts: z.array(receipt), now: z.iso.datetime() }),
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
    reply: entriesPage.extend({
      /** Which record it is: places in another one say nothing about it. */
      record: z.string(),
    }),
    handle: async ({ query }) => ({
      ...(await ledger.after(query.after, query.limit)),
      record: await ledger.record(),
    }),
  }),
];
