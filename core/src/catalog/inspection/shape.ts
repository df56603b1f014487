import type { SourceMark } from '../source';
import type { StateCondition } from '../state';
import type { Sketch } from './sketch';

/**
 * Chance of each outcome (in the order of the test's outcomes) in the states that `when` names.
 * The first row whose condition holds counts; the last row has none and stands for all the rest.
 * The chances of a row sum to 1.
 */
export interface LikelihoodRow {
  readonly when?: StateCondition;
  readonly chances: readonly number[];
}

/** In these states … */
export const given = (when: StateCondition, ...chances: readonly number[]): LikelihoodRow => ({
  when,
  chances,
});
/** … and in all others. */
export const otherwise = (...chances: readonly number[]): LikelihoodRow => ({ chances });

export interface Outcome {
  readonly id: string;
  readonly label: string;
  readonly sketch: Sketch;
}

interface TestBase {
  readonly id: string;
  /** What to do, in the imperative. */
  readonly title: string;
  /** Where on the surface; hidden, where it leaves a mark. */
  readonly where: string;
  /** Steps, in order. */
  readonly how: readonly string[];
  readonly minutes: number;
  /** What it uses up; empty where nothing. */
  readonly uses: string;
  /** Money for that, minor units. */
  readonly cost: number;
  /** What the test does to the piece. */
  readonly harm: string;
  /** The harm as the minutes that mending it takes. */
  readonly harmMinutes: number;
  readonly protection: readonly string[];
  /** A time to be kept between doing and reading. */
  readonly timer: { readonly seconds: number; readonly until: string } | null;
  /** It scrapes, cuts or sands: not before the lead question is closed. */
  readonly abrades: boolean;
  /** It tells something only where this is so; null where it always does. */
  readonly onlyWhere: StateCondition | null;
  /** What can mislead it. */
  readonly misleads: string;
  readonly source: SourceMark;
}

/** A look or touch with a handful of outcomes. */
export interface ChoiceTest extends TestBase {
  readonly kind: 'choice';
  readonly outcomes: readonly Outcome[];
  readonly informs: readonly LikelihoodRow[];
}

/** Readings up to a figure, and what they are called. The last band has no end. */
export interface Band {
  readonly upTo: number;
  readonly label: string;
}

/** A figure read off, with its plausible range. */
export interface ReadingTest extends TestBase {
  readonly kind: 'reading';
  readonly unit: 'mm' | 'layers' | 'squares' | '%' | 'pH' | 'GU';
  readonly min: number;
  readonly max: number;
  /** How the figure is read; the bands are the outcomes that `informs` speaks of. */
  readonly bands: readonly Band[];
  readonly informs: readonly LikelihoodRow[];
  /** A meter that can give the figure. */
  readonly device?: string;
}

/** A lead result: it holds for one layer of paint only, 1 is the top, or for all of them at once. */
export interface LayerTest extends TestBase {
  readonly kind: 'layer';
  readonly outcomes: readonly Outcome[];
  readonly informs: readonly LikelihoodRow[];
  /** A figure that may come with it, in ppm (laboratory analysis). */
  readonly ppm: boolean;
  /** How it is named in a statement: "not found by swab". */
  readonly byWhat: string;
  /** It reads all layers at once, down to the wood. */
  readonly allLayers?: boolean;
  /** Strong enough to close the question for a child’s room. */
  readonly decides?: boolean;
  readonly device?: string;
}

export type InspectionTest = ChoiceTest | ReadingTest | LayerTest;

/** What a test has where nothing else is said: a minute's look that leaves no trace. */
export const JUST_LOOKING = {
  where: 'Anywhere on the surface.',
  minutes: 1,
  uses: '',
  cost: 0,
  harm: 'None.',
  harmMinutes: 0,
  protection: [],
  timer: null,
  abrades: false,
  onlyWhere: null,
} as const;

type Said<T extends InspectionTest> = Omit<T, 'kind' | keyof typeof JUST_LOOKING> & Partial<T>;

/** A look or touch; harmless and quick unless said otherwise. */
export const look = (it: Said<ChoiceTest>): ChoiceTest => ({
  ...JUST_LOOKING,
  ...it,
  kind: 'choice',
});

/** A figure to be read off. */
export const reading = (
  it: Omit<Said<ReadingTest>, 'bands' | 'informs'> & Partial<ReadingTest>,
): ReadingTest => ({ ...JUST_LOOKING, bands: [], informs: [], ...it, kind: 'reading' });

/** A drop or rub of solvent, mildest first and each on a fresh spot. */
export const SPOT = {
  where: 'A hidden place: inside an edge, under the top. A fresh spot for each solvent.',
  minutes: 3,
  uses: 'A few drops, a rag',
  cost: 10,
  harm: 'May mark the spot.',
  harmMinutes: 2,
  protection: ['Nitrile gloves', 'Open window, no flame'],
} as const;
