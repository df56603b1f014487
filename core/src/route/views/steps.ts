import type { DoneWork, Piece } from '../../piece';
import { effectIn } from '../../work';
import type { Route } from '../order/operation';

/** A step that was done, in one go: as it stands on the route, folded. */
export interface DoneStep {
  readonly number: number;
  readonly title: string;
  readonly surfaceIds: readonly string[];
  readonly endedAt: string;
  readonly by: string;
  readonly done: readonly DoneWork[];
}

/** The steps of a piece by their numbers: those that were done and those that are open. */
export interface Steps {
  /** In the order in which they were done. */
  readonly done: readonly DoneStep[];
  /** By the id of an open operation. */
  readonly numbers: ReadonlyMap<string, number>;
  /** How many numbers there are. */
  readonly count: number;
}

/** Work that was done in one go: ended together, by one name and one hand. */
export const doneTogether = (done: readonly DoneWork[]): readonly (readonly DoneWork[])[] => {
  const goes = new Map<string, DoneWork[]>();
  for (const it of done) {
    if (it.endedAt === null) continue;
    const key = `${it.endedAt}/${it.title}/${it.by}`;
    const go = goes.get(key);
    if (go) go.push(it);
    else goes.set(key, [it]);
  }
  return [...goes.values()];
};

/** The same step on whatever place: its rule and occurrence, done in the same way. */
const sameStep = (taskKey: string, go: string): string =>
  `${taskKey.split('/').slice(1).join('/')} ${go}`;

/**
 * Numbers the steps of a piece. One that was done keeps the number that it had; one that comes again, or of which
 * a part is still open, has that number too. The others take what is free, in the order of the route:
 * so a route that did not change has the numbers with which it was printed.
 * @param route that is still to be done
 */
export const stepsOf = (
  { done }: Pick<Piece, 'done'>,
  { operations, tasks }: Pick<Route, 'operations' | 'tasks'>,
): Steps => {
  const goes = doneTogether(done);
  const goOf = new Map(tasks.map((it) => [it.key, it.batchKey]));
  // What is under way has its number too.
  const begun = new Map(
    done.flatMap((it) =>
      it.endedAt === null && it.step !== null ? [[it.taskKey, it.step] as const] : [],
    ),
  );
  const taken = new Set(done.flatMap((it) => it.step ?? []));
  let next = 1;
  const free = (): number => {
    while (taken.has(next)) next++;
    taken.add(next);
    return next;
  };
  const ofSame = new Map<string, number>();
  const steps = goes.map((go): DoneStep => {
    const [first] = go as readonly [DoneWork, ...DoneWork[]];
    const keys = go.flatMap((it) => {
      const effect = effectIn(it);
      return effect ? [sameStep(it.taskKey, effect.batchKey)] : [];
    });
    const known = keys.map((key) => ofSame.get(key)).find((it) => it !== undefined);
    const number = first.step ?? known ?? free();
    for (const key of keys) ofSame.set(key, number);
    return {
      number,
      title: first.title,
      surfaceIds: [...new Set(go.flatMap((it) => it.surfaceIds))],
      endedAt: first.endedAt ?? first.startedAt,
      by: first.by,
      done: go,
    };
  });
  const given = new Set<number>();
  const numbers = new Map(
    operations.map((it) => {
      const again = it.taskKeys
        .map((key) => ofSame.get(sameStep(key, goOf.get(key) ?? '')))
        .find((one) => one !== undefined && !given.has(one));
      const running = it.taskKeys.map((key) => begun.get(key)).find((one) => one !== undefined);
      const number = running ?? again ?? free();
      given.add(number);
      return [it.id, number] as const;
    }),
  );
  return {
    done: steps,
    numbers,
    count: new Set([...steps.map((it) => it.number), ...numbers.values()]).size,
  };
};
