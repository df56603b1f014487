import { expose } from 'comlink';
import { clock } from './clock';
import { reckon } from './plans';

const planner = { ...clock, reckon };
export type PlannerWorker = typeof planner;

expose(planner);
