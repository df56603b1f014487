import type { Finish } from './finishes';
import type { Substrate } from './substrates';
import { substratesOf } from './substrates';
import type { ValueOf } from './variables';
import type { Wood } from './woods';

/** Which hidden states are meant: each variable named has one of the values given. */
export type StateCondition = {
  readonly [V in keyof ValueOf]?: readonly ValueOf[V][];
};

export const SOLID: readonly Substrate[] = substratesOf('solid');
export const VENEER: readonly Substrate[] = substratesOf('veneer');
export const PRINTED: readonly Substrate[] = substratesOf('printed');
export const THIN_FACE: readonly Substrate[] = [...VENEER, 'plywood'];
/** The face is wood. */
export const WOODEN: readonly Substrate[] = [...SOLID, ...THIN_FACE];
export const NOT_WOODEN: readonly Substrate[] = [...PRINTED, 'board', 'other'];

export const PAINT: readonly Finish[] = ['latex', 'alkyd', 'chalk', 'milk'];
/** Powdery paints without a tough film. */
export const POWDERY: readonly Finish[] = ['chalk', 'milk'];
export const CLEAR_FILM: readonly Finish[] = [
  'shellac',
  'lacquer',
  'varnish',
  'waterClear',
  'waxedFilm',
  'factory',
];
/** Oil in the wood keeps stain and clear from holding. */
export const OILY: readonly Wood[] = ['oily', 'rosewood'];
/** The spot test reaches wood. */
export const OPEN_TO_WOOD: readonly Finish[] = ['bare', 'oil', 'wax'];
