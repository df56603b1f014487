import type { Face, LooseParts, PartSurface } from './part';
import type { Front } from './front';

/** A measure asked for when a body is described. Lengths in mm, or a number of parts. */
export interface Measure {
  readonly id: string;
  readonly label: string;
  readonly kind: 'length' | 'count';
  readonly usual: number;
  readonly min: number;
  readonly max: number;
}

/** A choice between ways in which a body may be made. The first is usual. */
export interface BodyChoice {
  readonly id: string;
  readonly label: string;
  readonly options: readonly { readonly id: string; readonly label: string }[];
}

export type Measures = Readonly<Record<string, number>>;
export type Choices = Readonly<Record<string, string>>;

/** A body as its kind reads it: every measure and choice of the kind is there. */
export interface Body {
  readonly measures: Measures;
  readonly choices: Choices;
  readonly front: Front | null;
}

/** Outer size of a body, mm. */
export interface Size {
  readonly width: number;
  readonly depth: number;
  readonly height: number;
}

/** A kind of body: what to measure and choose, and the geometry that follows. */
export interface BodyKind<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  readonly what: string;
  /** A child sleeps in it, whatever was said. */
  readonly forChild?: boolean;
  /** It stores things and stands up: it can fall over. */
  readonly tips?: boolean;
  /** The front that it has where nobody says otherwise; bodies without one have none. */
  readonly front?: Front;
  readonly measures: readonly Measure[];
  readonly choices: readonly BodyChoice[];
  size(it: Body): Size;
  surfaces(it: Body): readonly PartSurface[];
  /** The unfolded drawing, from its upper left corner. */
  faces(it: Body): readonly Face[];
  loose(it: Body): LooseParts;
}

const measureOf =
  (kind: Measure['kind']) =>
  (id: string, label: string, usual: number, min: number, max: number): Measure => ({
    id,
    label,
    kind,
    usual,
    min,
    max,
  });

export const lengthMeasure = measureOf('length');
export const countMeasure = measureOf('count');

/** A choice; the first option is usual. */
export const choice = (
  id: string,
  label: string,
  options: Readonly<Record<string, string>>,
): BodyChoice => ({
  id,
  label,
  options: Object.entries(options).map(([key, text]) => ({ id: key, label: text })),
});

/** Reads a measure that the body is known to have. 0 where it is missing. */
export const measure = ({ measures }: Pick<Body, 'measures'>, id: string): number =>
  measures[id] ?? 0;

/** Reads a choice that the body is known to have. */
export const chosen = ({ choices }: Pick<Body, 'choices'>, id: string): string => choices[id] ?? '';

/** Width, depth and height as they were measured. */
export const measuredSize = (it: Body): Size => ({
  width: measure(it, 'width'),
  depth: measure(it, 'depth'),
  height: measure(it, 'height'),
});
