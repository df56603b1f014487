import { z } from 'zod';
import type { BodyKind } from '../bodyKind';
import { bed, crib } from './beds';
import { box } from './box';
import { carcass } from './carcass';
import { cart } from './cart';
import { frame } from './frame';
import { seat } from './seat';
import { table } from './table';
import { wall } from './wall';

/** What pieces are built of, in the order they are offered. */
export const bodyKindId = z.enum([
  'carcass',
  'table',
  'seat',
  'box',
  'bed',
  'crib',
  'cart',
  'frame',
  'wall',
]);
export type BodyKindId = z.infer<typeof bodyKindId>;

const BY_ID: Readonly<Record<BodyKindId, BodyKind<BodyKindId>>> = {
  carcass,
  table,
  seat,
  box,
  bed,
  crib,
  cart,
  frame,
  wall,
};

export const BODY_KINDS: readonly BodyKind<BodyKindId>[] = bodyKindId.options.map(
  (it) => BY_ID[it],
);

export const bodyKindOf = (id: BodyKindId): BodyKind<BodyKindId> => BY_ID[id];
