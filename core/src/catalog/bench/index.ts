export { FILLER_HARDENER, POT_LIFE } from './hardener';
export { CHECKS, type CheckId, type Consequence } from './checks';
export {
  DISCOVERIES,
  DISCOVERY_GROUPS,
  type DiscoveryGroup,
  type DiscoveryKind,
  type Tells,
} from './discoveries';
export { MIX_ORDERS } from './mixOrder';
export { MENDS, type Mend } from './mends';
export { LAST_RESORTS, REMEDIES, type Does, type NewAim, type Only, type Remedy } from './remedies';
export { TIMERS, type TimerId } from './timers';
