// Starts a thread: Node's own loader reads no TypeScript in one, so tsx is asked here.
import { register } from 'tsx/esm/api';
import workerpool from 'workerpool';

register();
const { TASKS, planWithProgress } = await import('./tasks.ts');
workerpool.worker({
  ...TASKS,
  planWithProgress: (...asked) => planWithProgress(workerpool.workerEmit, ...asked),
});
