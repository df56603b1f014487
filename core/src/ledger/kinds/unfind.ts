import { bad, good, id } from '../../piece';
import { changeKind, hasId, withoutId } from './kind';

/** A damage is taken off the record. */
export const unfind = changeKind(
  'unfind',
  { findingId: id },
  {
    about: 'piece',
    group: 'damages',
    up: [],
    apply: (before, it) =>
      hasId(before.findings, it.findingId)
        ? good({ ...before, findings: withoutId(before.findings, it.findingId) })
        : bad('findingId', 'No such damage: it may have been removed already.'),
    fields: (it) => [{ name: `find/${it.findingId}`, value: null, change: it }],
    takes: (it) => it.findingId,
    told: () => 'A damage removed',
  },
);
