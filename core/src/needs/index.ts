export { cutVeneer, type CuttingPlan, type Placed, type VeneerPart } from './cutting';
export {
  needKey,
  needsOf,
  takenBy,
  type FilmWorkings,
  type MaterialNeed,
  type NeedFrom,
  type Taken,
} from './needs';
export { moneyFor, moneyForAll } from './money';
export { tookAt } from './took';
export { wornAt } from './worn';
