import type { DiscoveryKind } from '@obrik/core/catalog';
import type { Href } from 'expo-router';

/** What is known already when one comes to say that something turned up. */
interface Known {
  readonly kind?: DiscoveryKind;
  readonly surfaceIds: readonly string[];
  readonly taskKeys: readonly string[];
  /** A discovery that was put off, to be decided now. */
  readonly id?: string;
}

/** Where something that turned up is told. */
export const turnedUpAddress = (pieceId: string, known: Known): Href => ({
  pathname: '/pieces/[pieceId]/turned-up',
  params: {
    pieceId,
    ...(known.kind ? { kind: known.kind } : {}),
    ...(known.id ? { id: known.id } : {}),
    on: known.surfaceIds.join(','),
    at: known.taskKeys.join('|'),
  },
});
