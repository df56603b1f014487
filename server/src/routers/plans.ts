import type { PieceLedger } from '@obrik/core/ledger';
import type { Shop } from '@obrik/core/piece';
import { alternative, branches, whatIf } from '@obrik/core/case';
import { careSheet, ticketFor } from '@obrik/core/route';
import type { DeepReadonly } from '@obrik/core/effect';
import { z } from 'zod';
import { beforeAndAfter, found, remedyOption } from '@obrik/core/run';
import type { Heavy } from '../heavy/pool';
import { endpoint, type Endpoint } from '../http/endpoint';
import { minuteOf } from '../http/minute';
import { notFound } from '../http/problem';
import type { Typeface } from '../papers/pdf';
import type { LedgerStore } from '../store/ledger';
import type { PhotoStore } from '../store/photos';

interface Needs {
  readonly ledger: LedgerStore;
  readonly heavy: Heavy;
  readonly typeface: Typeface;
  readonly photos: PhotoStore;
  readonly now: () => Date;
}

/** What is reckoned from a stored piece and the shop as it is now; nothing is stored. */
export const planEndpoints = ({
  ledger,
  heavy,
  typeface,
  photos,
  now,
}: Needs): readonly Endpoint[] => {
  const at = (): number => minuteOf(now());
  const read = async (pieceId: string): Promise<{ record: PieceLedger; shop: Shop }> => {
    const record = await ledger.piece(pieceId);
    if (!record) throw notFound(`piece "${pieceId}"`);
    return { record, shop: (await ledger.shop()).shop };
  };
  const reckoned = <R extends z.ZodType>(
    end: string,
    summary: string,
    reply: R,
    reckon: (record: PieceLedger, shop: Shop) => Promise<DeepReadonly<z.input<R>>>,
  ): Endpoint =>
    endpoint({
      method: 'get',
      path: `/pieces/{pieceId}/${end}`,
      summary,
      reply,
      errors: [404, 503],
      handle: async ({ parameter }) => {
        const { record, shop } = await read(parameter('pieceId'));
        return reckon(record, shop);
      },
    });
  const printed = (
    end: string,
    summary: string,
    set: (record: PieceLedger, shop: Shop) => Promise<Uint8Array>,
  ): Endpoint =>
    endpoint({
      method: 'get',
      path: `/pieces/{pieceId}/${end}.pdf`,
      summary,
      content: { reply: 'application/pdf' },
      reply: z.instanceof(Buffer),
      errors: [404, 503],
      handle: async ({ parameter }) => {
        const { record, shop } = await read(parameter('pieceId'));
        // What comes out of a thread is bytes without Node's cover.
        return Buffer.from(await set(record, shop));
      },
    });
  /** The pictures that the book shows, as they are kept. */
  const picturesOf = async ({ piece }: PieceLedger): Promise<ReadonlyMap<string, Uint8Array>> => {
    const ids = beforeAndAfter(piece).flatMap((it) => [it.before.photoId, it.after.photoId]);
    const found = await Promise.all([...new Set(ids)].map((id) => photos.find(id)));
    return new Map(found.flatMap((it) => (it ? [[it.id, it.bytes] as const] : [])));
  };
  return [
    reckoned(
      'alternatives',
      'Up to four ways for the whole piece, with work, days, money, risks and hazards',
      z.array(alternative),
      async ({ piece }, shop) => [...(await heavy.run('alternatives', piece, shop, at()))],
    ),
    reckoned(
      'what-ifs',
      'What another way of working, or another tool, would change',
      z.array(whatIf),
      async ({ piece }, shop) => [...(await heavy.run('whatIfs', piece, shop, at()))],
    ),
    reckoned(
      'branches',
      'Open questions of the route with a branch for each answer',
      branches,
      ({ piece }, shop) => heavy.run('branches', piece, shop, at()),
    ),
    reckoned('care-sheet', 'What the owner is told, as planned', careSheet, ({ piece }, shop) =>
      heavy.run('careSheet', piece, shop, at()),
    ),
    printed('route', 'The route card to print', (record, shop) =>
      heavy.run('routePdf', record.piece, shop, at(), ticketFor(record, shop, now()), typeface),
    ),
    printed('care-sheet', 'The owner’s care sheet to print', (record, shop) =>
      heavy.run('careSheetPdf', record.piece, shop, at(), ticketFor(record, shop, now()), typeface),
    ),
    printed(
      'book',
      'The book of the piece to print: what was done, found and decided',
      async (record, shop) =>
        heavy.run(
          'bookPdf',
          record.piece,
          shop,
          at(),
          ticketFor(record, shop, now()),
          typeface,
          await picturesOf(record),
        ),
    ),
    endpoint({
      method: 'post',
      path: '/pieces/{pieceId}/remedies',
      summary:
        'Ways to go on after something turned up: what each takes, and how it changes the route; nothing is stored',
      body: found,
      reply: z.array(remedyOption),
      errors: [404, 422, 503],
      handle: async ({ parameter, body }) => {
        const { record, shop } = await read(parameter('pieceId'));
        return (await heavy.run('remedies', record.piece, shop, at(), body)).map(
          ({ piece: _piece, ...it }) => remedyOption.parse(it),
        );
      },
    }),
  ];
};
