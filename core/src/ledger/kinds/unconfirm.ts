import { variable } from '../../catalog';
import { good, id } from '../../piece';
import { confirmedAs, otherConfirmations } from './confirmed';
import { changeKind, onSurface } from './kind';

/** What somebody said of a surface is taken back. */
export const unconfirm = changeKind(
  'unconfirm',
  { surfaceId: id, variable },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) => good({ ...before, confirmations: otherConfirmations(before, it) }),
    moved: onSurface,
    fields: (it) => [{ name: confirmedAs(it), value: null, change: it }],
    surfaceOf: (it) => it.surfaceId,
    told: (it, { surfaceName }) => `${surfaceName(it.surfaceId)}: what was said of it taken back`,
  },
);
