import type { DoneWork, LineOf } from '../piece';
import type { PieceChange } from '../ledger';
import { changesFor, type Standing } from './decide';

/** Who puts it on record, when, and by which id. */
interface About {
  readonly id: string;
  readonly at: string;
  readonly by: string;
}

const placesIn = (done: readonly DoneWork[]) => ({
  taskKeys: done.map((it) => it.taskKey),
  surfaceIds: [...new Set(done.flatMap((it) => it.surfaceIds))],
});

/**
 * What is put on record of work that was done though other steps come before it.
 * @param open titles of those steps
 */
export const doneEarly = (
  done: readonly DoneWork[],
  { reason, open }: Pick<LineOf<'early'>, 'reason' | 'open'>,
  about: About,
): readonly PieceChange[] => [
  { kind: 'did', done: [...done] },
  { kind: 'log', lines: [{ of: 'early', ...about, ...placesIn(done), reason, open: [...open] }] },
];

/**
 * What is put on record where work has happened that a harm should have held: the work itself, since
 * it is a fact, and that it has to be stopped, cleaned up and tested, which the planner takes up from there.
 */
export const happenedTooSoon = (
  done: readonly DoneWork[],
  standing: Standing,
  about: About,
): readonly PieceChange[] => [
  { kind: 'did', done: [...done] },
  ...changesFor(
    {
      ...about,
      ...placesIn(done),
      kind: 'doneTooSoon',
      answer: null,
      place: null,
      note: '',
    },
    'cleanUpAndTest',
    standing,
  ),
];
