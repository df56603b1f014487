import { table } from '../table';
import { DAMAGES_OF_FACES } from './faces';
import { DAMAGES_OF_PARTS } from './parts';
import { DAMAGES_OF_SHEETS } from './sheets';
import { DAMAGES_OF_WOOD } from './wood';

export type { DamageSign } from './row';

/** Damage and peculiarities met on furniture, and how each is mended. */
export const DAMAGES = table([
  ...DAMAGES_OF_WOOD,
  ...DAMAGES_OF_SHEETS,
  ...DAMAGES_OF_PARTS,
  ...DAMAGES_OF_FACES,
]);
export type Damage = (typeof DAMAGES.ids)[number];
