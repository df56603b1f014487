import { MaxRectsPacker } from 'maxrects-packer';
import { VENEER_CUT, VENEER_FORMATS, type VeneerFormat } from '../catalog';

/** A rectangle of veneer that is wanted: grain runs along its length, and it is never turned. */
export interface VeneerPart {
  readonly name: string;
  /** Across the grain, mm. */
  readonly widthMm: number;
  /** Along the grain, mm. */
  readonly lengthMm: number;
}

/** A part where it is cut from its sheet, mm from the upper left corner. */
export interface Placed extends VeneerPart {
  readonly x: number;
  readonly y: number;
}

/** How some parts are cut from sheets of one format. */
export interface CuttingPlan {
  readonly format: VeneerFormat;
  readonly sheets: readonly (readonly Placed[])[];
  /** Parts that are larger than any sheet: they have to be joined from two. */
  readonly tooLarge: readonly VeneerPart[];
  /** Share of the sheets that is cut and not laid, 0–1. */
  readonly waste: number;
}

/** With its overhang on both sides: what is cut. */
const cutOf = (it: VeneerPart): { readonly width: number; readonly height: number } => ({
  width: it.widthMm + 2 * VENEER_CUT.overhangMm,
  height: it.lengthMm + 2 * VENEER_CUT.overhangMm,
});

/** Orders in which the parts are tried, the longest first in several senses. */
const ORDERS: readonly ((a: VeneerPart, b: VeneerPart) => number)[] = [
  (a, b) => b.widthMm * b.lengthMm - a.widthMm * a.lengthMm,
  (a, b) => b.lengthMm - a.lengthMm || b.widthMm - a.widthMm,
  (a, b) => b.widthMm - a.widthMm || b.lengthMm - a.lengthMm,
  (a, b) => Math.max(b.widthMm, b.lengthMm) - Math.max(a.widthMm, a.lengthMm),
];

/** Up to so many parts every order of them is tried. */
const TRIED_IN_FULL = 6;

const permutations = <T>(list: readonly T[]): readonly (readonly T[])[] =>
  list.length <= 1
    ? [list]
    : list.flatMap((it, at) =>
        permutations([...list.slice(0, at), ...list.slice(at + 1)]).map((rest) => [it, ...rest]),
      );

const packed = (
  parts: readonly VeneerPart[],
  { widthMm, lengthMm }: VeneerFormat,
): readonly (readonly Placed[])[] => {
  const packer = new MaxRectsPacker<{ width: number; height: number; x: number; y: number }>(
    widthMm,
    lengthMm,
    VENEER_CUT.kerfMm,
    { smart: false, pot: false, square: false, allowRotation: false },
  );
  const cuts = parts.map((part) => ({ part, rect: { ...cutOf(part), x: 0, y: 0 } }));
  for (const { rect } of cuts) packer.add(rect);
  return packer.bins.map((bin) =>
    bin.rects.flatMap((rect) => {
      const cut = cuts.find((it) => it.rect === rect);
      return cut ? [{ ...cut.part, x: rect.x, y: rect.y }] : [];
    }),
  );
};

const fits = (part: VeneerPart, { widthMm, lengthMm }: VeneerFormat): boolean => {
  const { width, height } = cutOf(part);
  return width <= widthMm && height <= lengthMm;
};

const planIn = (parts: readonly VeneerPart[], format: VeneerFormat): CuttingPlan => {
  const whole = parts.filter((it) => fits(it, format));
  const orders =
    whole.length <= TRIED_IN_FULL
      ? permutations(whole)
      : ORDERS.map((order) => [...whole].sort(order));
  const sheets = orders
    .map((order) => packed(order, format))
    .reduce((best, it) => (it.length < best.length ? it : best));
  const laid = whole.reduce((sum, it) => sum + it.widthMm * it.lengthMm, 0);
  const area = sheets.length * format.widthMm * format.lengthMm;
  return {
    format,
    sheets: whole.length === 0 ? [] : sheets,
    tooLarge: parts.filter((it) => !fits(it, format)),
    waste: whole.length === 0 ? 0 : 1 - laid / area,
  };
};

const costOf = ({ format, sheets }: CuttingPlan): number => format.price * sheets.length;

const isBetter = (a: CuttingPlan, b: CuttingPlan): boolean => {
  const more = a.tooLarge.length - b.tooLarge.length || costOf(a) - costOf(b) || a.waste - b.waste;
  return more < 0;
};

/**
 * How parts are cut from sheets of one format: maximal rectangles (maxrects-packer), each part with
 * its overhang, the grain along the sheet, kerf between. Up to six parts every order is tried, so
 * that few sheets are missed; compared with an exact search in the tests. The format that leaves
 * the fewest parts over, then costs the least, then wastes the least.
 * @param formats as they are sold here
 */
export const cutVeneer = (
  parts: readonly VeneerPart[],
  formats: readonly VeneerFormat[] = VENEER_FORMATS,
): CuttingPlan => {
  const plans = formats.map((it) => planIn(parts, it));
  const [first, ...others] = plans;
  if (!first) throw new RangeError('Veneer is cut from sheets: give at least one format.');
  return others.reduce((best, it) => (isBetter(it, best) ? it : best), first);
};
