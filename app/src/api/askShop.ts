import * as contracts from '@obrik/core/contracts';
import {
  fetchBaseQuery,
  type BaseQueryFn,
  type FetchArgs,
  type FetchBaseQueryError,
} from '@reduxjs/toolkit/query/react';
import type { z } from 'zod';

type Contracts = typeof contracts;

/** Names of the contracts by which a reply can be read. */
type Contract = {
  [K in keyof Contracts]: Contracts[K] extends z.ZodType ? K : never;
}[keyof Contracts];

/** What a reply holds by its contract. */
export type ReplyOf<K extends Contract> = z.output<Contracts[K]>;

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
  const read = contracts[reads].safeParse(reply.data);
  return read.success ? { data: read.data } : { error: OTHER_FORM };
};
