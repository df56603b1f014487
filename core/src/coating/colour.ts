import { FACE_COLOURS, PALETTE, SHADES_FROM, SHADE_COLOURS } from '../catalog';
import type { Scheme, Shade } from '../piece';
import { coatsToCover, luminanceOf, reflectanceOf, type CoatsToCover } from './hiding';

/** The colour that a scheme asks for, sRGB: as picked, or a typical one of its shade. */
export const colourOf = (
  scheme: Extract<Scheme, { kind: 'painted' } | { kind: 'washed' }>,
): string => scheme.colour?.toLowerCase() ?? SHADE_COLOURS[scheme.shade];

/** CIE lightness L*, 0–100, of a luminance 0–1 (CIE 1976). */
const lightness = (y: number): number =>
  y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (y * 24389) / 27;

/** How light a colour is, in the words of the shop. */
export const shadeOf = (hex: string): Shade => {
  const l = lightness(luminanceOf(reflectanceOf(hex)));
  return SHADES_FROM.find(({ from }) => l >= from)?.shade ?? 'dark';
};

/** The palette's name of a colour, or the colour itself. */
export const colourName = (hex: string): string =>
  PALETTE.rows.find((it) => it.hex === hex)?.label ?? hex;

/** A primer's tint, and how many coats of the colour it then takes. */
export interface Tint {
  readonly tint: 'white' | 'grey';
  readonly cover: CoatsToCover;
}

/** The tint of primer over which a colour covers in fewer coats; white where it makes none. */
export const tintFor = (colour: string): Tint => {
  const white = coatsToCover(colour, FACE_COLOURS.whitePrimer);
  const grey = coatsToCover(colour, FACE_COLOURS.greyPrimer);
  return grey.coats < white.coats ? { tint: 'grey', cover: grey } : { tint: 'white', cover: white };
};
