import { availableParallelism } from 'node:os';
import workerpool from 'workerpool';
import { HttpProblem } from '../http/problem';
import {
  TASKS,
  planWithProgress,
  type BetterPlan,
  type PlannedShop,
  type ScheduleAsked,
  type TaskInput,
  type TaskName,
  type TaskOutput,
} from './tasks';

/** Does what takes long. */
export interface Heavy {
  run<N extends TaskName>(name: N, ...input: TaskInput<N>): Promise<TaskOutput<N>>;
  /** Plans the shop, and tells each better plan as it is found, until it is cancelled. */
  follow(
    told: (it: BetterPlan) => void,
    ...asked: ScheduleAsked
  ): { readonly done: Promise<PlannedShop>; readonly cancel: () => void };
  close(): Promise<void>;
}

/** More than this waits for nobody: it is told to come again. */
const QUEUE = 32;
/** Longer than this nothing takes, ms. */
const LONGEST = 30_000;

const busy = new HttpProblem(
  503,
  'Busy',
  'Too much is being worked out already. Ask again in a few seconds.',
);

const isFull = (error: unknown): boolean =>
  error instanceof Error && /queue/i.test(error.message) && /max/i.test(error.message);

/**
 * Does it in threads of their own, with a queue that has an end.
 * @param worker path of the file that a thread starts with
 */
export const inThreads = (worker: string): Heavy => {
  const pool = workerpool.pool(worker, {
    workerType: 'thread',
    maxWorkers: Math.max(1, availableParallelism() - 1),
    maxQueueSize: QUEUE,
  });
  return {
    run: async (name, ...input) => {
      try {
        return (await pool.exec(name, input).timeout(LONGEST)) as TaskOutput<typeof name>;
      } catch (error) {
        throw isFull(error) ? busy : error;
      }
    },
    follow: (told, ...asked) => {
      let isOver = false;
      const asking = pool.exec('planWithProgress', asked, { on: told });
      const done = asking.timeout(LONGEST).then(
        (plan) => plan as PlannedShop,
        (error: unknown) => {
          throw isFull(error) ? busy : error;
        },
      );
      const over = () => (isOver = true);
      done.then(over, over);
      return {
        done: Promise.resolve(done),
        // A thread in the middle of its rounds hears nothing: it is ended, and another takes its place.
        cancel: () => {
          if (!isOver) asking.cancel();
        },
      };
    },
    close: async () => {
      await pool.terminate(true);
    },
  };
};

/** Does it at once, where it is asked: for tests and commands that end soon. */
export const inPlace: Heavy = {
  run: async (name, ...input) => {
    const task = TASKS[name] as (...input: unknown[]) => unknown;
    return (await task(...input)) as TaskOutput<typeof name>;
  },
  follow: (told, ...asked) => ({
    done: Promise.resolve().then(() => planWithProgress(told, ...asked)),
    cancel: () => {},
  }),
  close: async () => {},
};
