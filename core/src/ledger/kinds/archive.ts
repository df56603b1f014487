import { good } from '../../piece';
import { changeKind } from './kind';

/** The piece is put out of sight. */
export const archive = changeKind(
  'archive',
  {},
  {
    about: 'piece',
    group: 'description',
    up: [],
    apply: (before) => good({ ...before, archived: true }),
    fields: (it) => [{ name: 'archived', value: it.kind, change: it }],
    madeFrom: ({ archived }) => (archived ? [{ change: { kind: 'archive' } }] : []),
    told: () => 'Archived',
  },
);
