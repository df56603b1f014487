import { availableParallelism } from 'node:os';
import workerpool from 'workerpool';
import { HttpProblem } from '../http/problem';
import { TASKS, type TaskInput, type TaskName, type TaskOutput } from './tasks';

/** Does what takes long. */
export interface Heavy {
  run<N extends TaskName>(name: N, ...input: TaskInput<N>): Promise<TaskOutput<N>>;
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
  close: async () => {},
};
