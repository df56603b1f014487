import { good } from '../../piece';
import { changeKind } from './kind';

/** The piece is brought back into sight. */
export const restore = changeKind(
  'restore',
  {},
  {
    about: 'piece',
    group: 'description',
    up: [],
    apply: (before) => good({ ...before, archived: false }),
    fields: (it) => [{ name: 'archived', value: it.kind, change: it }],
    told: () => 'Brought back',
  },
);
