import { bad, good, id } from '../../piece';
import { changeKind, hasId, withoutId } from './kind';

/** Fittings are taken off the list. */
export const unfit = changeKind(
  'unfit',
  { hardwareId: id },
  {
    about: 'piece',
    group: 'fittings',
    up: [],
    apply: (before, it) =>
      hasId(before.hardware, it.hardwareId)
        ? good({ ...before, hardware: withoutId(before.hardware, it.hardwareId) })
        : bad('hardwareId', 'No such fittings: they may have been taken off the list already.'),
    fields: (it) => [{ name: `fit/${it.hardwareId}`, value: null, change: it }],
    told: () => 'Fittings taken off the list',
  },
);
