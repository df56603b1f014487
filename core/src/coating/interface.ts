import { MEETINGS, meetingOf, type Coating, type Layer, type Verdict } from '../catalog';

/** How a coat may meet what it is laid on. */
export interface Interface {
  readonly may: Verdict;
  readonly because: string;
}

/** May this coat go over this layer? For every pair of coat and layer there is an answer. */
export const may = (over: Coating, under: Layer): Interface => MEETINGS[meetingOf(over, under)];
