import { FACE_COLOURS, PALETTE, SHADES_FROM, SHADE_COLOURS } from '../catalog';
import type { Scheme, Shade } from '../piece';
import {
  coatsToCover,
  luminanceOf,
  reflectanceOf,
  tonedTowards,
  type CoatsToCover,
} from './hiding';

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

/** How a primer may be tinted: as it comes, grey, or towards the colour that follows. */
export const TINTS = ['white', 'grey', 'toned'] as const;

/** A primer's tint, and how many coats of the colour it then takes. */
export interface Tint {
  readonly tint: (typeof TINTS)[number];
  readonly cover: CoatsToCover;
}

const KNOWN_TINTS = new Map<string, Tint>();

/**
 * The tint of primer over which a colour covers in the fewest coats; of equal ones white, which
 * needs no mixing. Under a dark colour never a light one: it shows through every chip.
 */
export const tintFor = (hex: string): Tint => {
  const known = KNOWN_TINTS.get(hex);
  if (known) return known;
  const tint = reckonTint(hex);
  KNOWN_TINTS.set(hex, tint);
  return tint;
};

const reckonTint = (hex: string): Tint => {
  const colour = reflectanceOf(hex);
  const grounds = {
    white: reflectanceOf(FACE_COLOURS.whitePrimer),
    grey: reflectanceOf(FACE_COLOURS.greyPrimer),
    toned: tonedTowards(colour),
  };
  const allowed = shadeOf(hex) === 'dark' ? (['toned'] as const) : TINTS;
  return allowed
    .map((tint): Tint => ({ tint, cover: coatsToCover(colour, [grounds[tint]]) }))
    .reduce((a, b) => (b.cover.coats < a.cover.coats ? b : a));
};

/** Coats of a colour over a face without primer: over what is found there, and over filler in it. */
export const coatsOverFace = (hex: string, ground: string): CoatsToCover =>
  coatsToCover(reflectanceOf(hex), [ground, FACE_COLOURS.filler].map(reflectanceOf));
