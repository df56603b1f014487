export { cheapestContainers, type Bought, type Purchase } from './containers';
export { needsOf, type Need, type NeedFrom } from './needs';
export { shoppingFor, shoppingLine, shoppingList, type ShoppingList } from './shopping';
