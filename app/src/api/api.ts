import { liveQuery } from 'dexie';
import type { MeterPlace } from '@obrik/core/contracts';
import type { LedgerEntry, PieceLedger, ShopLedger } from '@obrik/core/ledger';
import type { Piece } from '@obrik/core/piece';
import { copyWithStructuralSharing, createApi } from '@reduxjs/toolkit/query/react';
import { readSoFar, theDevice, type ListCard, type Device } from '@/device';
import {
  cardsHere,
  historyHere,
  pieceHere,
  pullPiece,
  pullShop,
  shopHere,
  waitingHere,
  type Waiting,
} from '@/record';
import { askShop, type ReplyOf } from './askShop';

/** Where a paper of a piece is had as a PDF. */
export const pdfAddress = (
  pieceId: string,
  paper: 'route' | 'care-sheet' | 'book' | 'quote',
): string => `/api/pieces/${pieceId}/${paper}.pdf`;

interface Lifecycle<T> {
  readonly cacheDataLoaded: Promise<unknown>;
  readonly cacheEntryRemoved: Promise<void>;
  readonly updateCachedData: (recipe: (old: T) => T) => unknown;
}

/**
 * Keeps what is shown alike with what this device holds, whichever tab or sync changes it. What
 * stays the same keeps its identity, so that nothing is reckoned again for it.
 */
const live =
  <A, T>(read: (device: Device, asked: A) => Promise<T>) =>
  async (asked: A, { cacheDataLoaded, cacheEntryRemoved, updateCachedData }: Lifecycle<T>) => {
    const loaded = await cacheDataLoaded.then(
      () => true,
      () => false,
    );
    if (!loaded) return;
    const device = await theDevice();
    const subscription = liveQuery(() => read(device, asked)).subscribe({
      next: (now) => void updateCachedData((old) => copyWithStructuralSharing<T>(old, now)),
      error: () => {},
    });
    await cacheEntryRemoved;
    subscription.unsubscribe();
  };

const listHere = async (device: Device): Promise<readonly ListCard[] | null> => {
  const [cards, read] = await Promise.all([cardsHere(device), readSoFar(device)]);
  return cards.length > 0 || read === 'whole' ? cards : null;
};

/** A piece that is at work, with the number of its ticket. */
export interface AtWork {
  readonly piece: Piece;
  readonly number: number | null;
}

/** Pieces that the clock plans at most: more than a small shop has at work. */
const ON_BENCH = 80;

/**
 * The pieces of some cards.
 * @returns null where the record is not read to its end and one of them is not here yet, or only a
 *   part of it: a plan of the others would pass for the plan of the shop
 */
const piecesOf = async (
  device: Device,
  cards: readonly ListCard[] | null,
): Promise<readonly AtWork[] | null> => {
  if (!cards) return null;
  const [read, pieces] = await Promise.all([
    readSoFar(device),
    Promise.all(cards.map((it) => pieceHere(device, it.pieceId))),
  ]);
  const here = pieces.flatMap((it) => (it ? [{ piece: it.piece, number: it.number }] : []));
  if (read === 'part' || (read === 'nothing' && here.length < cards.length)) return null;
  return here;
};

/** The pieces that are at work: in the shop, not put away; null before the shop has ever been asked. */
const benchHere = async (device: Device): Promise<readonly AtWork[] | null> => {
  const cards = await listHere(device);
  return piecesOf(device, cards?.filter((it) => !it.archived).slice(0, ON_BENCH) ?? null);
};

/** Null before the shop has ever been asked: nothing is not the same as not known yet. */
const everyHere = async (device: Device): Promise<readonly AtWork[] | null> =>
  piecesOf(device, await listHere(device));

const unreachable = (error: unknown) => ({
  error: { status: 'FETCH_ERROR' as const, error: String(error) },
});

/**
 * What screens ask. Pieces, shop and lists are read from this device, which is kept alike with the
 * shop; where it has nothing yet, the shop is asked.
 */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: askShop,
  tagTypes: ['Routes', 'Here', 'Paired'],
  endpoints: (build) => ({
    /** The list; null before the shop has ever been asked. */
    cards: build.query<readonly ListCard[] | null, void>({
      queryFn: async () => ({ data: await listHere(await theDevice()) }),
      onCacheEntryAdded: live(listHere),
    }),
    /** One piece with what waits here; null where there is none of this id. */
    piece: build.query<PieceLedger | null, string>({
      queryFn: async (pieceId) => {
        const device = await theDevice();
        // Before the whole record is here, a part of a piece must not pass for the piece.
        if ((await readSoFar(device)) !== 'whole' || !(await pieceHere(device, pieceId))) {
          try {
            await pullPiece(pieceId);
          } catch (error) {
            const here = await pieceHere(device, pieceId);
            return here ? { data: here } : unreachable(error);
          }
        }
        return { data: await pieceHere(device, pieceId) };
      },
      providesTags: ['Here'],
      onCacheEntryAdded: live(pieceHere),
    }),
    bench: build.query<readonly AtWork[] | null, void>({
      queryFn: async () => ({ data: await benchHere(await theDevice()) }),
      providesTags: ['Here'],
      onCacheEntryAdded: live(benchHere),
    }),
    /** Every piece, those that were put away too: the stock and the money of the shop are about all of them. */
    everyPiece: build.query<readonly AtWork[] | null, void>({
      queryFn: async () => ({ data: await everyHere(await theDevice()) }),
      providesTags: ['Here'],
      onCacheEntryAdded: live(everyHere),
    }),
    history: build.query<readonly LedgerEntry[], string>({
      queryFn: async (pieceId) => ({ data: await historyHere(await theDevice(), pieceId) }),
      onCacheEntryAdded: live(historyHere),
    }),
    shop: build.query<ShopLedger, void>({
      queryFn: async () => {
        const device = await theDevice();
        // Without the shop its usual settings hold until it can be asked.
        if ((await readSoFar(device)) !== 'whole') await pullShop().catch(() => undefined);
        return { data: await shopHere(device) };
      },
      providesTags: ['Here'],
      onCacheEntryAdded: live(shopHere),
    }),
    waiting: build.query<Waiting, void>({
      queryFn: async () => ({ data: await waitingHere(await theDevice()) }),
      onCacheEntryAdded: live(waitingHere),
    }),
    erasePiece: build.mutation<unknown, { pieceId: string; name: string }>({
      query: ({ pieceId, name }) => ({
        url: `pieces/${pieceId}`,
        method: 'DELETE',
        params: { name },
      }),
    }),
    photoSum: build.query<ReplyOf<'photoSum'>, void>({
      query: () => ({ url: 'photos', reads: 'photoSum' }),
    }),
    pairing: build.query<ReplyOf<'pairing'>, void>({
      query: () => ({ url: 'pairing', reads: 'pairing' }),
    }),
    askCode: build.mutation<unknown, void>({
      query: () => ({ url: 'pairing/codes', method: 'POST' }),
    }),
    pair: build.mutation<unknown, { code: string; name: string }>({
      query: (body) => ({ url: 'pairing', method: 'POST', body }),
      invalidatesTags: ['Paired'],
    }),
    paired: build.query<ReplyOf<'pairedDevices'>, void>({
      query: () => ({ url: 'paired', reads: 'pairedDevices' }),
      providesTags: ['Paired'],
    }),
    removeDevice: build.mutation<unknown, string>({
      query: (id) => ({ url: `paired/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Paired'],
    }),
    calendarAddress: build.mutation<ReplyOf<'calendarAddress'>, void>({
      query: () => ({ url: 'calendar/addresses', method: 'POST', reads: 'calendarAddress' }),
      invalidatesTags: ['Paired'],
    }),
    readMeter: build.mutation<ReplyOf<'meterReading'>, MeterPlace & { readonly deviceId: string }>({
      query: ({ deviceId, ...place }) => ({
        url: `devices/${deviceId}/readings`,
        method: 'POST',
        body: place,
        reads: 'meterReading',
      }),
    }),
    keptRoutes: build.query<ReplyOf<'keptRouteHeads'>, string>({
      query: (pieceId) => ({ url: `pieces/${pieceId}/routes`, reads: 'keptRouteHeads' }),
      providesTags: ['Routes'],
    }),
    keepRoute: build.mutation<ReplyOf<'keptRouteHead'>, { pieceId: string; revision: number }>({
      query: ({ pieceId, revision }) => ({
        url: `pieces/${pieceId}/routes`,
        method: 'POST',
        body: { revision },
        reads: 'keptRouteHead',
      }),
      invalidatesTags: ['Routes'],
    }),
  }),
});

export const {
  useBenchQuery,
  useEveryPieceQuery,
  useCalendarAddressMutation,
  useCardsQuery,
  usePieceQuery,
  useHistoryQuery,
  useShopQuery,
  useWaitingQuery,
  useErasePieceMutation,
  usePhotoSumQuery,
  usePairingQuery,
  useAskCodeMutation,
  usePairMutation,
  usePairedQuery,
  useRemoveDeviceMutation,
  useReadMeterMutation,
  useKeptRoutesQuery,
  useKeepRouteMutation,
} = api;

/** The shop can be reached again: what could not be had is asked for once more. */
export const askAgain = () => api.util.invalidateTags(['Here']);
