import { z } from 'zod';
import { good, id } from '../../piece';
import { changeKind } from './kind';

/** These entries count no longer. An entry of this kind can be revoked itself. */
export const revoke = changeKind(
  'revoke',
  { entryIds: z.array(id).min(1).max(500) },
  {
    about: 'record',
    group: 'revoked',
    up: [],
    // What it does to a piece is done by leaving out what was revoked.
    apply: good,
    told: ({ entryIds }) =>
      entryIds.length === 1 ? 'An entry taken back' : `${entryIds.length} entries taken back`,
  },
);
