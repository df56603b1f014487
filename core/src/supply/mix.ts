import { CUPS, THINNERS, type Cup } from '../catalog';

/** One part of a mix, and how much of it. */
export interface MixedPart {
  readonly name: string;
  readonly parts: number;
  /** In the unit of the total: ml, g, L or kg alike. */
  readonly amount: number;
}

/**
 * How much of each part makes a total: "3 of walnut, 1 of oak, 250 ml". By volume or by mass, the
 * sum is the same; the amounts add up to the total.
 * @throws RangeError where a part is not more than nothing
 */
export const mixOf = (
  parts: readonly { readonly name: string; readonly parts: number }[],
  total: number,
): readonly MixedPart[] => {
  const sum = parts.reduce((all, it) => all + it.parts, 0);
  if (parts.some((it) => !(it.parts > 0)) || !(total >= 0)) {
    throw new RangeError('Give parts above nothing, and a total of nothing or more.');
  }
  return parts.map((it) => ({ ...it, amount: (total * it.parts) / sum }));
};

/** What is added to thin by so many percent of the paint: litres of thinner. */
export const thinnerFor = (litres: number, percent: number): number => (litres * percent) / 100;

/** Mass of a volume, kg. @param density kg/L */
export const massOf = (litres: number, density: number): number => litres * density;

/** Volume of a mass, L: what a scale says is left in a can. @param density kg/L */
export const litresOf = (kg: number, density: number): number => kg / density;

/** Kinematic viscosity, or that the cup can't tell it. */
export type Viscosity =
  | { readonly kind: 'known'; readonly mm2PerS: number }
  | { readonly kind: 'outside'; readonly fromSeconds: number; readonly toSeconds: number };

/**
 * Kinematic viscosity of what runs out of a cup in so many seconds: ν = a (t − b) (S: ASTM D1200,
 * constants from memory). Outside the times that the cup is meant for it says so.
 */
export const viscosityOf = (cup: Cup, seconds: number): Viscosity => {
  const { a, b, fromSeconds, toSeconds } = CUPS.get(cup);
  return seconds >= fromSeconds && seconds <= toSeconds
    ? { kind: 'known', mm2PerS: a * (seconds - b) }
    : { kind: 'outside', fromSeconds, toSeconds };
};

/** Seconds in which something of this viscosity runs out of a cup. */
export const secondsIn = (cup: Cup, mm2PerS: number): number => {
  const { a, b } = CUPS.get(cup);
  return mm2PerS / a + b;
};

/** Thinner for each litre of paint, a range; both 0 where it runs fast enough already. */
export interface Thinning {
  readonly from: number;
  readonly to: number;
}

/**
 * How much thinner brings paint from one cup time to another, litres for each litre of paint: ln ν of
 * a mix is the mean of both by volume (Arrhenius' rule of mixtures), and paints keep to it only
 * roughly, so a range. Add the lower end, stir, time it again.
 * @param seconds now, and as wanted, in the same cup
 * @returns undefined where the cup can't tell one of the two
 */
export const thinningFor = (
  cup: Cup,
  seconds: { readonly now: number; readonly wanted: number },
  thinner: 'water' | 'spirits',
): Thinning | undefined => {
  const now = viscosityOf(cup, seconds.now);
  const wanted = viscosityOf(cup, seconds.wanted);
  if (now.kind === 'outside' || wanted.kind === 'outside') return undefined;
  if (wanted.mm2PerS >= now.mm2PerS) return { from: 0, to: 0 };
  const share = Math.log(now.mm2PerS / wanted.mm2PerS) / Math.log(now.mm2PerS / THINNERS[thinner]);
  const perLitre = share / (1 - share);
  return { from: perLitre * (1 - THINNERS.spread), to: perLitre * (1 + THINNERS.spread) };
};
