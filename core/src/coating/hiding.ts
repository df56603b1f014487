import { converter, differenceCiede2000, useMode, modeLab65, modeLrgb, modeRgb } from 'culori/fn';
import { HIDING } from '../catalog';

useMode(modeRgb);
useMode(modeLrgb);
useMode(modeLab65);
const toLinear = converter('lrgb');
const deltaE = differenceCiede2000();

/** Reflectances of red, green and blue, 0–1. */
export type Reflectance = readonly [number, number, number];

/** Pigment is never perfectly black or white: the theory has no answer at 0 and at 1. */
const within = (it: number): number => Math.min(0.95, Math.max(0.02, it));

/** Reflectances of an sRGB colour. @throws Error where it is no colour */
export const reflectanceOf = (hex: string): Reflectance => {
  const it = toLinear(hex);
  if (!it) throw new Error(`"${hex}" is no colour.`);
  return [within(it.r), within(it.g), within(it.b)];
};

/** Luminance of linear RGB (IEC 61966-2-1). */
export const luminanceOf = ([r, g, b]: Reflectance): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/**
 * Kubelka–Munk: reflectance of a film over a ground.
 *   R = [1 − Rg (a − b coth bSX)] ÷ (a − Rg + b coth bSX), a = (1/R∞ + R∞)/2, b = (1/R∞ − R∞)/2
 * @param infinite R∞, reflectance of a film of any thickness, 0–1 open
 * @param scatter S·X, scattering power of the film; 0 gives the ground
 * @param ground reflectance below
 */
export const reflectanceOver = (infinite: number, scatter: number, ground: number): number => {
  if (scatter <= 0) return ground;
  const a = (1 / infinite + infinite) / 2;
  const b = (1 / infinite - infinite) / 2;
  const coth = b / Math.tanh(b * scatter);
  return (1 - ground * (a - coth)) / (a - ground + coth);
};

/**
 * Scattering power of one coat of a colour. Its white, the reflectance that all three share,
 * scatters; coloured pigment scatters little, so that clean yellow and bright red cover badly
 * however light they are. Dark colours hide by what they swallow (K = S (1 − R∞)² ÷ 2 R∞).
 */
export const scatterPerCoat = (colour: Reflectance): number => {
  const white = Math.min(...colour);
  return (
    HIDING.scatterBase +
    HIDING.scatterWhite * white +
    HIDING.scatterTint * (luminanceOf(colour) - white)
  );
};

/** A primer toned towards a colour: as far as primer can be, the rest a grey of the same lightness. */
export const tonedTowards = (colour: Reflectance): Reflectance => {
  const lightness = luminanceOf(colour);
  const tone = (it: number): number => HIDING.toned * it + (1 - HIDING.toned) * lightness;
  return [tone(colour[0]), tone(colour[1]), tone(colour[2])];
};

const filmOver = (colour: Reflectance, scatter: number, ground: Reflectance): Reflectance => [
  reflectanceOver(colour[0], scatter, ground[0]),
  reflectanceOver(colour[1], scatter, ground[1]),
  reflectanceOver(colour[2], scatter, ground[2]),
];

const grey = (it: number): Reflectance => [it, it, it];

/** Contrast ratio of a film: luminance over black against that over the white ground of the test. */
export const contrastRatio = (colour: Reflectance, scatter: number): number =>
  luminanceOf(filmOver(colour, scatter, grey(0))) /
  luminanceOf(filmOver(colour, scatter, grey(HIDING.whiteGround)));

/** Colour difference of two reflectances, CIEDE2000. */
export const differenceOf = (one: Reflectance, other: Reflectance): number => {
  const asColour = ([r, g, b]: Reflectance) => ({ mode: 'lrgb', r, g, b }) as const;
  return deltaE(asColour(one), asColour(other));
};

/** How many coats a colour needs over what lies below, and how near they come. */
export interface CoatsToCover {
  readonly coats: number;
  /** After each coat: the difference that is left to the full colour, CIEDE2000. */
  readonly leftAfter: readonly number[];
  /** Contrast ratio of the coats together, over black and white. */
  readonly contrastRatio: number;
  /** The last coat allowed still lets the ground show. */
  readonly neverCovers: boolean;
}

/**
 * Coats to cover: as many as it takes until what lies below makes no difference that the eye sees,
 * or until the film hides black and white alike (contrast ratio 0.98); two at least.
 * @param grounds what lies below; of several, such as wood and the filler in it, the worst counts
 */
export const coatsToCover = (
  colour: Reflectance,
  grounds: readonly Reflectance[],
): CoatsToCover => {
  const scatter = scatterPerCoat(colour);
  const leftAfter: number[] = [];
  const covers = (coats: number): boolean => {
    const left = Math.max(
      ...grounds.map((it) => differenceOf(filmOver(colour, coats * scatter, it), colour)),
    );
    leftAfter.push(left);
    return left <= HIDING.unseen || contrastRatio(colour, coats * scatter) >= HIDING.contrastRatio;
  };
  let coats = 1;
  let covered = covers(coats);
  while ((!covered || coats < HIDING.fewestCoats) && coats < HIDING.mostCoats) {
    coats += 1;
    covered = covers(coats) || covered;
  }
  return {
    coats,
    leftAfter,
    contrastRatio: contrastRatio(colour, coats * scatter),
    neverCovers: !covered,
  };
};
