export { boughtColours } from './colours';
export { cheapestContainers, type Bought, type Purchase } from './containers';
export { fittingsToBuy, type FittingToBuy } from './fittings';
export {
  litresOf,
  massOf,
  mixOf,
  secondsIn,
  thinnerFor,
  thinningFor,
  viscosityOf,
  type MixedPart,
  type Thinning,
} from './mix';
export { nameOfLine, shoppingPaper, shoppingText } from './paper';
export {
  listOf,
  shoppingFor,
  shoppingLine,
  shoppingList,
  type Shelves,
  type ShoppingLine,
  type ShoppingList,
} from './shopping';
export {
  keepsUntil,
  meetFromStock,
  stockNow,
  usable,
  type FromStock,
  type OnHand,
  type StockState,
} from './stock';
