import { ending, good } from '../../piece';
import { changeKind } from './kind';

/** The work is over and this became of it; null: it is worked on again. */
export const end = changeKind(
  'end',
  { ending: ending.nullable() },
  {
    about: 'piece',
    group: 'done',
    up: [],
    apply: (before, it) => good({ ...before, ending: it.ending }),
    fields: (it) => [{ name: 'ending', value: it.ending, change: it }],
    madeFrom: (piece) => (piece.ending ? [{ change: { kind: 'end', ending: piece.ending } }] : []),
    told: (it) =>
      it.ending === null
        ? 'Worked on again'
        : it.ending.kind === 'forSale'
          ? 'For sale'
          : `Handed over${it.ending.to ? ` to ${it.ending.to}` : ''}`,
  },
);
