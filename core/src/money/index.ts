export { COST_KINDS, costOf, type CostKind, type CostLine, type PieceCost } from './cost';
export { decisionsFor, tipByRate, type Decision } from './decide';
export { earningsOf, type Earnings } from './earnings';
export {
  flippingOf,
  spreadOf,
  type Accounted,
  type EarnedBy,
  type Flipping,
  type Spread,
} from './flipping';
export { partedPrice, quoteFor, quotePaper, type QuoteOption } from './quote';
export { ratioOf, shared } from './share';
export { grossFor, netOf, taxOn } from './tax';
