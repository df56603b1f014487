import type { PartKind } from '../../catalog';
import type { Role } from '../roles';

/** A measure asked for when a piece is described. Lengths in mm, or a number of parts. */
export interface Measure {
  readonly id: string;
  readonly label: string;
  readonly kind: 'length' | 'count';
  readonly usual: number;
  readonly min: number;
  readonly max: number;
}

/** Flat rectangles of one size that make up a surface. */
export interface Panel {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly count: number;
}

/** A part that is assessed, aimed and planned as a unit. */
export interface TemplateSurface {
  readonly id: string;
  readonly name: string;
  /** What it is on the piece: how it is used, seen, and what hangs on it. */
  readonly role: Role;
  readonly part: PartKind;
  /** How many like parts it stands for: 4 legs, 24 drawer fronts. */
  readonly count: number;
  readonly panels: readonly Panel[];
}

/** A rectangle of the unfolded drawing, mm, y downwards. */
export interface Face {
  readonly surfaceId: string;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export type Measures = Readonly<Record<string, number>>;

/** What has to come off or out before work, besides the surfaces. */
export interface LooseParts {
  readonly drawers: number;
  readonly doors: number;
  readonly pulls: number;
}

/** A kind of furniture: what to measure, and the geometry that follows. */
export interface Template<Id extends string = string> {
  readonly id: Id;
  readonly name: string;
  /** A child sleeps or sits in it, whatever was said when it was taken in. */
  readonly forChild?: boolean;
  /** Clothes are kept in it, so that a child climbs its drawers: tip-over rules hold. */
  readonly storesClothes?: boolean;
  readonly measures: readonly Measure[];
  surfaces(measures: Measures): readonly TemplateSurface[];
  faces(measures: Measures): readonly Face[];
  looseParts(measures: Measures): LooseParts;
}

/** Board thickness that the inside dimensions assume, mm (modelling judgement). */
export const BOARD_MM = 20;
/** Width of a square leg where it is not asked, mm (modelling judgement). */
export const LEG_MM = 45;

export const lengthMeasure = (
  id: string,
  label: string,
  usual: number,
  min: number,
  max: number,
): Measure => ({ id, label, kind: 'length', usual, min, max });

export const countMeasure = (
  id: string,
  label: string,
  usual: number,
  min: number,
  max: number,
): Measure => ({ id, label, kind: 'count', usual, min, max });

/** Reads a measure that the template is known to have. 0 where it is missing. */
export const measure = (measures: Measures, id: string): number => measures[id] ?? 0;

export const panel = (widthMm: number, heightMm: number, count = 1): Panel => ({
  widthMm: Math.max(0, widthMm),
  heightMm: Math.max(0, heightMm),
  count,
});

/** Area of panels, mm². Equation: Σ width × height × count. */
export const areaOf = (panels: readonly Panel[]): number =>
  panels.reduce((sum, it) => sum + it.widthMm * it.heightMm * it.count, 0);
