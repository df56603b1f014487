import { inspectionTest } from '../catalog';
import type { Effect } from '../effect';
import { standsFor, type DoneWork, type Piece } from '../piece';
import { effectIn } from './effectIn';

/** Work on record, and what it did to the piece. */
export interface WaitingWork {
  readonly done: DoneWork;
  readonly effect: Effect;
  /** Surfaces of it on which nothing was done since. */
  readonly lastOn: readonly string[];
}

/** What went to a laboratory has come back: a result was recorded since. */
const isAnswered = (piece: Piece, { surfaceIds, startedAt }: DoneWork): boolean =>
  piece.observations.some(
    (it) =>
      surfaceIds.includes(it.surfaceId) &&
      inspectionTest(it.testId)?.kind === 'layer' &&
      Date.parse(it.at) >= Date.parse(startedAt),
  );

/** Finished work whose film, glue, water or answer something may still wait for, whatever the hour. */
export const waitingWork = (piece: Piece): readonly WaitingWork[] => {
  // What was done to a surface that was merged was done to the one that stands for it.
  const merged = (ids: readonly string[]) => [
    ...new Set(ids.map((id) => standsFor(piece.build, id))),
  ];
  const finished = piece.done.filter((it) => it.endedAt !== null);
  const last = new Map(
    finished.flatMap((it) => merged(it.surfaceIds).map((id) => [id, it] as const)),
  );
  return finished.flatMap((done) => {
    const effect = effectIn(done);
    if (!effect || (effect.wait === null && effect.traits.lays === null)) return [];
    if (effect.wait?.until === 'answered' && isAnswered(piece, done)) return [];
    const surfaceIds = merged(effect.surfaceIds);
    const lastOn = surfaceIds.filter((id) => last.get(id) === done);
    return [{ done, effect: { ...effect, surfaceIds }, lastOn }];
  });
};
