export { judgeLadder, tollOfLadder } from './judge';
export { planLadder } from './ladder';
export { ladder, ladderOrRefusal, type Ladder, type NoLadder, type Rung } from './result';
export { SCALE, gradeOf, ladderSteps, scratchDepthUm, stepIsAllowed } from './scale';
export { chanceOfSandingThrough, type ThinnerThan } from './sandThrough';
export { sandingTask, type SandingTask } from './task';
