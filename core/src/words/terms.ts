import { TOPCOATS, type TopcoatWish } from '../catalog';

/** How hard a surface is used, in words. */
export const WEAR_WORDS = {
  high: 'used hard',
  middle: 'used a little',
  low: 'hardly touched',
} as const;

/** What a topcoat is called in a sentence. */
export const topcoatWords = (it: TopcoatWish | 'none'): string =>
  it === 'none' ? 'no topcoat' : TOPCOATS.get(it).label;

export const SHADE_WORDS = {
  white: 'white',
  pale: 'pale colour',
  mid: 'mid colour',
  dark: 'dark colour',
} as const;

export const EFFECT_WORDS = {
  plain: '',
  distressed: ', distressed',
  washed: ', washed over',
  glazed: ', glazed',
  dryBrushed: ', dry-brushed',
  stencilled: ', stencilled',
  gilded: ', edges in metal wax',
} as const;

export const STAIN_WORDS = {
  oil: 'oil-based stain',
  water: 'water-based stain',
  gel: 'gel stain',
  varnish: 'stain and varnish in one',
  tintedOil: 'tinted oil',
} as const;

export const SCHEME_WORDS = {
  painted: 'painted',
  stained: 'stained',
  clear: 'clear',
  washed: 'washed',
  veneered: 'veneered',
  touchedIn: 'mended in spots',
  freshened: 'freshened up',
  leave: 'left as it is',
} as const;

/** An old finish whose kind is not known. */
export const UNNAMED = { paint: 'old paint', film: 'old clear film', other: 'old finish' } as const;
