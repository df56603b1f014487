import { fittingsToldOf, good, hardware } from '../../piece';
import { changeKind, put } from './kind';

/** Fittings are put on the list, or changed where they are on it. */
export const fit = changeKind(
  'fit',
  { hardware },
  {
    about: 'piece',
    group: 'fittings',
    up: [],
    apply: (before, it) => good({ ...before, hardware: put(before.hardware, it.hardware) }),
    fields: (it) => [{ name: `fit/${it.hardware.id}`, value: it.hardware, change: it }],
    madeFrom: (piece) => piece.hardware.map((one) => ({ change: { kind: 'fit', hardware: one } })),
    told: (it) => `Fittings: ${fittingsToldOf(it.hardware)}`,
  },
);
