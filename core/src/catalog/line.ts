import type { Danger } from './danger';

/** One line of a step, with what it does to the face and the air. */
export interface Line {
  readonly text: string;
  /** Of these the planner refuses those that are forbidden where it is to be done. */
  readonly does: readonly Danger[];
  /** How the same is done where that is forbidden; the first that may be done is taken. */
  readonly instead: readonly Line[];
}

/** A line as it is written: plain words do nothing that can hurt. */
export type Told = string | Line;

/** A line that does something to the face. @param instead how it is done where that is forbidden */
export const line = (text: string, does: readonly Danger[], ...instead: readonly Told[]): Line => ({
  text,
  does,
  instead: instead.map(lineOf),
});

/** A line with all that belongs to it. */
export const lineOf = (it: Told): Line =>
  typeof it === 'string' ? { text: it, does: [], instead: [] } : it;

/** The words of some lines, as they are where nothing is forbidden. */
export const textsOf = (lines: readonly Told[]): readonly string[] =>
  lines.map((it) => lineOf(it).text);
