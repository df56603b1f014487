export { DAMAGE_LORE } from './damages';
export { FINISH_LORE, SUBSTRATE_LORE } from './materials';
export type { Lore } from './lore';
