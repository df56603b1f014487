import { disturbs, type Effect } from '../../effect';
import { effectIn } from '../../work';
import { leadEvidence, type SurfaceContext } from './context';

/** Work on record that was done on a surface, in the order of the record. */
const doneOn = ({ piece, surface }: SurfaceContext) =>
  piece.done.flatMap((it) => {
    const effect = it.endedAt !== null && it.surfaceIds.includes(surface.id) && effectIn(it);
    return effect ? [{ endedAt: Date.parse(it.endedAt ?? ''), effect }] : [];
  });

const makes = (condition: Effect['traits']['makes'][number]) => (effect: Effect) =>
  effect.traits.makes.includes(condition);

/** A sample is out, and nothing has been recorded since, nor recorded and taken back: what comes back is waited for. */
export const awaitsResult = (s: SurfaceContext): boolean => {
  if (!s.now.met.includes('leadSampled')) return false;
  const sampledAt = doneOn(s).findLast((it) => makes('leadSampled')(it.effect))?.endedAt;
  if (sampledAt === undefined) return true;
  const takenBack = s.piece.takenBack.filter(
    ({ surfaceId, alsoFor }) =>
      surfaceId === s.surface.id || alsoFor?.includes(s.surface.id) === true,
  );
  return ![...leadEvidence(s), ...takenBack].some(({ at }) => Date.parse(at) > sampledAt);
};

/**
 * Layers of a surface were opened, washed or worn before anybody had set up for lead, and nobody has
 * cleaned up since.
 */
export const wasOpened = (s: SurfaceContext): boolean => {
  const contained = s.piece.done.findIndex(
    (it) => effectIn(it)?.traits.makesOfPiece.includes('contained') === true,
  );
  const before = contained < 0 ? s.piece.done : s.piece.done.slice(0, contained);
  const opened = doneOn({ ...s, piece: { ...s.piece, done: before } }).findLastIndex(
    ({ effect }) => disturbs(effect.traits) && !makes('leadSampled')(effect),
  );
  const cleaned = doneOn(s).findLastIndex((it) => makes('cleanedUpAfter')(it.effect));
  // Planned along, without a record of it: it is done by then.
  if (cleaned < 0 && s.now.met.includes('cleanedUpAfter')) return false;
  return opened > cleaned;
};
