import { inspectionTest } from '../../catalog';
import { MOST, bad, canSpeakForMore, good, id, type Piece } from '../../piece';
import { changeKind, hasId, withoutId } from './kind';

/** Without an observation; of a sample of paint it is kept that it was there. */
const withTakenBack = (before: Piece, observationId: string): Piece => {
  const old = before.observations.find((it) => it.id === observationId);
  const test = old && inspectionTest(old.testId);
  const wasSample = old !== undefined && test !== undefined && canSpeakForMore(test);
  return {
    ...before,
    observations: withoutId(before.observations, observationId),
    takenBack: wasSample
      ? [
          ...before.takenBack,
          {
            surfaceId: old.surfaceId,
            at: old.at,
            ...(old.alsoFor ? { alsoFor: old.alsoFor } : {}),
          },
        ].slice(-MOST.takenBack)
      : before.takenBack,
  };
};

/** An observation is taken off the record. */
export const withdraw = changeKind(
  'withdraw',
  { observationId: id },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) =>
      hasId(before.observations, it.observationId)
        ? good(withTakenBack(before, it.observationId))
        : bad('observationId', 'No such observation: it may have been taken back already.'),
    takes: (it) => it.observationId,
    told: () => 'An observation taken back',
  },
);
