import {
  calendarAddress,
  keptRouteHead,
  keptRouteHeads,
  meterReading,
  pairedDevices,
  pairing,
  photoSum,
} from '@obrik/core/contracts';
import {
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import type { z } from 'zod';

/** Replies that somebody reads, each by the contract that the server writes it by. */
const CONTRACTS = {
  calendarAddress,
  keptRouteHead,
  keptRouteHeads,
  meterReading,
  pairedDevices,
  pairing,
  photoSum,
} as const;
type Contract = keyof typeof CONTRACTS;

/** What a reply holds by its contract. */
export type ReplyOf<K extends Contract> = z.output<(typeof CONTRACTS)[K]>;

/** A request to the shop's server, and the contract of its reply where somebody reads that. */
interface Ask extends FetchArgs {
  readonly reads?: Contract;
}

const plain = fetchBaseQuery({ baseUrl: '/api', timeout: 15_000 });

/** The server is newer or older than the page: what it says is not guessed at. */
const OTHER_FORM = {
  status: 'CUSTOM_ERROR',
  error: 'other form',
  data: {
    detail:
      'The server answered in a form that this page doesn’t know. Reload Obrik and try again.',
  },
} as const;

/** Asks the shop's server, and reads its reply by the contract that the server writes it by. */
export const askShop: BaseQueryFn<Ask, unknown, FetchBaseQueryError> = async (
  { reads, ...request },
  ...rest
) => {
  const reply = await plain(request, ...rest);
  if (reply.error || reads === undefined) return reply;
  const read = CONTRACTS[reads].safeParse(reply.data);
  return read.success ? { data: read.data } : { error: OTHER_FORM };
};
