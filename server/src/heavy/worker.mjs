// Starts a thread: Node's own loader reads no TypeScript in one, so tsx is asked here.
import { register } from 'tsx/esm/api';
import workerpool from 'workerpool';

register();
const { TASKS, planAloud } = await import('./tasks.ts');
workerpool.worker({
  ...TASKS,
  planAloud: (...asked) => planAloud(workerpool.workerEmit, ...asked),
});
