import { table } from './table';

interface ColourRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** sRGB, "#rrggbb". */
  readonly hex: string;
}
const row = <const Id extends string>(id: Id, label: string, hex: string): ColourRow<Id> => ({
  id,
  label,
  hex,
});

/** Colours to choose from; invented, and only a start: another sRGB colour may be given. */
export const PALETTE = table([
  row('chalkDust', 'Chalk dust', '#f4f1e8'),
  row('buttermilk', 'Buttermilk', '#efe3c2'),
  row('oatHusk', 'Oat husk', '#d9c9a8'),
  row('mistGrey', 'Mist grey', '#c9cdca'),
  row('sageLeaf', 'Sage leaf', '#9caf94'),
  row('clayPot', 'Clay pot', '#b66f4d'),
  row('mustardSeed', 'Mustard seed', '#c79a2e'),
  row('kingfisher', 'Kingfisher', '#2f6f86'),
  row('bottleGlass', 'Bottle glass', '#2f4f3e'),
  row('plumSkin', 'Plum skin', '#552f47'),
  row('harbourNight', 'Harbour night', '#22303d'),
  row('lampBlack', 'Lamp black', '#262524'),
]);

/** A colour for each shade, where none was picked. */
export const SHADE_COLOURS = {
  white: '#f4f1e8',
  pale: '#d9c9a8',
  mid: '#2f6f86',
  dark: '#22303d',
} as const;

/** Lightness L* from which on a colour counts as that shade; below all of them it is dark (modelling judgement). */
export const SHADES_FROM = [
  { shade: 'white', from: 92 },
  { shade: 'pale', from: 72 },
  { shade: 'mid', from: 40 },
] as const;

/** What old and new faces look like to the next coat, sRGB: typical, for hiding only. */
export const FACE_COLOURS = {
  paleWood: '#d8b98a',
  darkWood: '#7a5034',
  oldPaint: '#b5a78f',
  /** Filler and putty, which lie in most faces that are painted. */
  filler: '#d8b98a',
  whitePrimer: '#f0eee9',
  greyPrimer: '#9a9a98',
} as const;

/** Figures of the hiding model. */
export const HIDING = {
  /** Full hiding: reflectance over black against that over white. */
  contrastRatio: 0.98,
  /** Luminance of the white ground of that test. */
  whiteGround: 0.8,
  /**
   * Scattering power S·X of one coat: a part that all have, what the white in a colour adds, and
   * what its coloured pigment adds by the light it sends back. What hides is the white and the grey.
   */
  scatterBase: 0.2,
  scatterWhite: 2,
  scatterTint: 1,
  /** Differences below this are not seen (CIEDE2000). */
  unseen: 1.5,
  /** How far a primer can be toned towards a colour; the rest is grey as light as the colour. */
  toned: 0.75,
  fewestCoats: 2,
  mostCoats: 6,
} as const;
