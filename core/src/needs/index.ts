export { cutVeneer, type CuttingPlan, type Placed, type VeneerPart } from './cutting';
export type { FilmWorkings, MaterialNeed, NeedFrom } from './need';
export { needKey, needsOf, takenBy, type Taken } from './needs';
export { moneyFor, moneyForAll } from './money';
export { tookAt } from './took';
export { wornAt } from './worn';
