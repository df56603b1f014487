export {
  COST_KINDS,
  costOf,
  pieceCost,
  type CostKind,
  type CostLine,
  type PieceCost,
} from './cost';
export { decisionsFor, moneyDecision, tipByRate, type Decision } from './decide';
export { earnings, earningsOf, type Earnings } from './earnings';
export {
  flipping,
  flippingOf,
  spreadOf,
  type EarnedBy,
  type Flipping,
  type Spread,
} from './flipping';
export { quoteFor, quoteOption, quotePaper, type QuoteOption } from './quote';
export { ratioOf, shared } from './share';
export { shopMoney } from './shopMoney';
export { grossFor, netOf, taxOn } from './tax';
