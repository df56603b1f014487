import { lineOf, type Danger, type Line, type Told } from '../../catalog';
import { LINE_WORDS } from '../../words';
import type { TaskLine } from '../../work';
import { forbiddenBy, isSuspect, type SurfaceContext } from '../context/context';

/** Where and when some lines are done. */
export interface LinesOn {
  readonly faces: readonly SurfaceContext[];
  /** The old finish is still on while they are done. */
  readonly filmOn: boolean;
  /** Done to parts that came off the piece, or to the piece as a whole: lead anywhere on it counts. */
  readonly ofPiece: boolean;
  /** Done to the old part, where a fresh one takes its place. */
  readonly onOldPart: boolean;
  /**
   * They wait until the question of lead is answered: told is what is done where none is found, since
   * nobody does it before.
   */
  readonly waitsForLead: boolean;
}

/** Is there lead on a face, or may there be when the line is done? */
const leadCounts = (s: SurfaceContext, { onOldPart, waitsForLead }: LinesOn): boolean => {
  const lead = (onOldPart && s.oldPartLead) || s.lead;
  return lead === 'found' || (lead === 'open' && !waitsForLead);
};

/** Why something must not be done there; undefined where it may. */
const forbids = (danger: Danger, it: LinesOn): string | undefined => {
  const all = it.ofPiece ? (it.faces[0]?.others() ?? []).filter(isSuspect) : [];
  return [...it.faces, ...all]
    .map((s) => forbiddenBy(danger, s, it.filmOn, leadCounts(s, it)))
    .find((why) => why !== undefined);
};

const whyNot = ({ does }: Line, on: LinesOn): string | undefined =>
  does.map((danger) => forbids(danger, on)).find((why) => why !== undefined);

/** What a line comes to: as it is, another way, or nothing that may be done there. */
export type LineChoice =
  | { readonly kind: 'asItIs' | 'instead'; readonly line: Line }
  | { readonly kind: 'refused'; readonly because: string };

/** The first way to do a line that nothing forbids where it is done. */
export const lineChoiceOf = (told: Told, on: LinesOn): LineChoice => {
  const it = lineOf(told);
  const because = whyNot(it, on);
  if (because === undefined) return { kind: 'asItIs', line: it };
  const other = it.instead.find((one) => whyNot(one, on) === undefined);
  return other ? { kind: 'instead', line: other } : { kind: 'refused', because };
};

/**
 * The lines of a task as they are done there. What may not be done is not said: it is done another
 * way, or left to a firm, and the line says why.
 */
export const linesFor = (
  told: readonly Told[],
  on: LinesOn,
): { readonly lines: readonly TaskLine[]; readonly otherwise: boolean } => {
  const choices = told.map((it) => lineChoiceOf(it, on));
  return {
    lines: choices.map((it) =>
      it.kind === 'refused'
        ? { text: LINE_WORDS.notHere(it.because), does: [] }
        : { text: it.line.text, does: [...it.line.does] },
    ),
    otherwise: choices.some((it) => it.kind !== 'asItIs'),
  };
};
