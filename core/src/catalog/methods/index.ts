import { table } from '../table';
import { APART_METHODS } from './apart';
import { CLEAN_METHODS } from './clean';
import { COAT_METHODS } from './coat';
import { MEND_METHODS } from './mend';
import { REPAIR_METHODS } from './repair';
import { SAND_METHODS } from './sand';
import { SECURE_METHODS } from './secure';
import { STRIP_METHODS } from './strip';
import { TOGETHER_METHODS } from './together';

export { WETTINGS, type MethodRow, type Wetting } from './method';
export type { RepairMethod } from './repair';

/** Every way of working that the planner may ask for, in the order of the work. */
export const METHODS = table([
  ...SECURE_METHODS,
  ...APART_METHODS,
  ...CLEAN_METHODS,
  ...STRIP_METHODS,
  ...REPAIR_METHODS,
  ...SAND_METHODS,
  ...COAT_METHODS,
  ...TOGETHER_METHODS,
  ...MEND_METHODS,
]);
export type Method = (typeof METHODS.ids)[number];
