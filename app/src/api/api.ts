import {
  applyChange,
  type Change,
  type PieceDescription,
  type PieceRecord,
  type Shop,
} from '@obrik/core/piece';
import type { Route } from '@obrik/core/route';
import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

/** A route as the server kept it. */
export interface KeptRoute {
  readonly id: number;
  readonly pieceRevision: number;
  readonly plannedAt: string;
  readonly route: Route;
}

/** What a meter shows; `simulated` says that nothing was measured. */
export interface MeterReading {
  readonly deviceId: string;
  readonly simulated: boolean;
  readonly at: string;
  readonly shown: readonly {
    readonly quantity: string;
    readonly value: number | null;
    readonly unit: string;
    readonly outcome: string | null;
  }[];
}

interface MeterPlace {
  readonly deviceId: string;
  readonly pieceId?: string;
  readonly surfaceId?: string;
  readonly layer?: number;
}

/** A photo as the server kept it. */
interface KeptPhoto {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

/** Where a kept photo is shown from. */
export const photoAddress = (photoId: string): string => `/api/photos/${photoId}`;

/** Where a paper of a piece is had as a PDF. */
export const pdfAddress = (pieceId: string, paper: 'route' | 'care-sheet'): string =>
  `/api/pieces/${pieceId}/${paper}.pdf`;

/** The server's API. Everything computed is computed here in the app, from core. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/api', timeout: 15_000 }),
  tagTypes: ['Pieces', 'Shop', 'Routes'],
  refetchOnReconnect: true,
  endpoints: (build) => ({
    pieces: build.query<PieceRecord[], void>({
      query: () => 'pieces',
      providesTags: ['Pieces'],
    }),
    addPiece: build.mutation<PieceRecord, { id: string; description: PieceDescription }>({
      query: (body) => ({ url: 'pieces', method: 'POST', body }),
      onQueryStarted: async (_, { dispatch, queryFulfilled }) => {
        const result = await queryFulfilled.catch(() => undefined);
        if (!result) return;
        dispatch(
          api.util.updateQueryData('pieces', undefined, (list) => void list.push(result.data)),
        );
      },
    }),
    /** Shows the change at once and takes it back where the server refuses it. */
    changePiece: build.mutation<PieceRecord, { pieceId: string; revision: number; change: Change }>(
      {
        query: ({ pieceId, ...body }) => ({
          url: `pieces/${pieceId}/changes`,
          method: 'POST',
          body,
        }),
        onQueryStarted: async ({ pieceId, change }, { dispatch, queryFulfilled }) => {
          const put = (next: (old: PieceRecord) => PieceRecord) =>
            dispatch(
              api.util.updateQueryData('pieces', undefined, (list) =>
                list.map((it) => (it.piece.id === pieceId ? next(it) : it)),
              ),
            );
          const shown = put((old) => {
            const after = applyChange(old.piece, change);
            return after.ok ? { ...old, piece: after.value } : old;
          });
          try {
            const { data } = await queryFulfilled;
            put(() => data);
          } catch {
            shown.undo();
            dispatch(api.util.invalidateTags(['Pieces']));
          }
        },
      },
    ),
    shop: build.query<Shop, void>({ query: () => 'shop', providesTags: ['Shop'] }),
    putShop: build.mutation<Shop, Shop>({
      query: (body) => ({ url: 'shop', method: 'PUT', body }),
      onQueryStarted: async (body, { dispatch, queryFulfilled }) => {
        const shown = dispatch(api.util.updateQueryData('shop', undefined, () => body));
        await queryFulfilled.catch(() => shown.undo());
      },
    }),
    readMeter: build.mutation<MeterReading, MeterPlace>({
      query: ({ deviceId, ...place }) => ({
        url: `devices/${deviceId}/readings`,
        method: 'POST',
        body: place,
      }),
    }),
    addPhoto: build.mutation<KeptPhoto, { pieceId: string; file: Blob }>({
      query: ({ pieceId, file }) => ({
        url: `pieces/${pieceId}/photos`,
        method: 'POST',
        headers: { 'content-type': file.type || 'image/unknown' },
        body: file,
      }),
    }),
    keptRoutes: build.query<KeptRoute[], string>({
      query: (pieceId) => `pieces/${pieceId}/routes`,
      providesTags: ['Routes'],
    }),
    keepRoute: build.mutation<KeptRoute, { pieceId: string; revision: number }>({
      query: ({ pieceId, revision }) => ({
        url: `pieces/${pieceId}/routes`,
        method: 'POST',
        body: { revision },
      }),
      invalidatesTags: ['Routes'],
    }),
  }),
});

export const {
  usePiecesQuery,
  useAddPieceMutation,
  useChangePieceMutation,
  useReadMeterMutation,
  useAddPhotoMutation,
  useShopQuery,
  usePutShopMutation,
  useKeptRoutesQuery,
  useKeepRouteMutation,
} = api;
