import { CHECKS, type CheckId } from '../catalog';
import {
  linesOf,
  type DoneWork,
  type LineOf,
  type LogLine,
  type Piece,
  type Setback,
} from '../piece';
import { type Effect } from '../effect';
import { effectIn } from '../work';

/** A question that is still open on work that was done. */
export interface OpenCheck {
  readonly check: CheckId;
  readonly title: string;
  readonly taskKeys: readonly string[];
  readonly surfaceIds: readonly string[];
  /** The work that it is asked about. */
  readonly doneIds: readonly string[];
  readonly endedAt: string;
}

/** Work on a surface that is later than some other: what was asked about the earlier is past by then. */
const lastOn = (done: readonly DoneWork[]): ReadonlyMap<string, string> => {
  const last = new Map<string, string>();
  for (const it of done) {
    if (it.endedAt !== null) for (const id of it.surfaceIds) last.set(id, it.id);
  }
  return last;
};

/**
 * The work that a line of the log is about: of work by the same key the last that had ended by then, else
 * the one that was going on. A step that was repeated has each its own.
 */
const workOf = (
  line: { readonly taskKeys: readonly string[]; readonly at: string },
  done: readonly DoneWork[],
): readonly DoneWork[] =>
  line.taskKeys.flatMap((key) => {
    const own = done.filter((it) => it.taskKey === key);
    const at = Date.parse(line.at);
    const ended = own.filter((it) => it.endedAt !== null && Date.parse(it.endedAt) <= at);
    const during = own.filter(
      (it) => Date.parse(it.startedAt) < at && (it.endedAt === null || Date.parse(it.endedAt) > at),
    );
    // Work that was only put on record at its end is said to have begun before it: it is over first.
    return during.findLast((it) => it.timed) ?? ended.at(-1) ?? during.at(-1) ?? [];
  });

/** Lines of the log by the id of the work that each is about. */
export const linesByWork = <Line extends LogLine>(
  lines: readonly Line[],
  done: readonly DoneWork[],
): ReadonlyMap<string, readonly Line[]> => {
  const by = new Map<string, Line[]>();
  for (const line of lines) {
    for (const { id } of workOf(line, done)) {
      const list = by.get(id);
      if (list) list.push(line);
      else by.set(id, [line]);
    }
  }
  return by;
};

/**
 * Questions about the last work on each surface that nobody has answered yet, the latest first. What
 * was done in one go is asked about once; work that was repeated is asked about again.
 * @param stillWet ids of the work that is still wet or in clamps: what shows only later is asked later
 */
export const openChecks = (
  piece: Pick<Piece, 'done' | 'log'>,
  stillWet: ReadonlySet<string> = NONE,
): readonly OpenCheck[] => {
  const { done } = piece;
  const last = lastOn(done);
  const answered = linesByWork(linesOf(piece.log, 'check'), done);
  const open = new Map<string, OpenCheck>();
  for (const it of done) {
    if (it.endedAt === null || !it.surfaceIds.some((id) => last.get(id) === it.id)) continue;
    for (const { id: check } of effectIn(it)?.checks ?? []) {
      const { during, afterWait } = CHECKS.get(check);
      if (during || (afterWait && stillWet.has(it.id))) continue;
      if (answered.get(it.id)?.some((one) => one.check === check)) continue;
      const key = `${check}/${it.endedAt}`;
      const before = open.get(key);
      open.set(key, {
        check,
        title: before?.title ?? it.title,
        taskKeys: [...(before?.taskKeys ?? []), it.taskKey],
        surfaceIds: [...new Set([...(before?.surfaceIds ?? []), ...it.surfaceIds])],
        doneIds: [...(before?.doneIds ?? []), it.id],
        endedAt: it.endedAt,
      });
    }
  }
  return [...open.values()].sort((a, b) => Date.parse(b.endedAt) - Date.parse(a.endedAt));
};

const NONE: ReadonlySet<string> = new Set();

/** What has to be done again of some work: what it made holds no longer. */
const undone = (effects: readonly Effect[]): Setback => ({
  film: effects.some((it) => it.traits.lays !== null) ? 'top' : 'none',
  lost: [...new Set(effects.flatMap((it) => it.traits.makes))],
  reopened: [...new Set(effects.flatMap((it) => it.traits.mends))],
  mend: null,
});

/** What answering a check puts on record. */
export interface Answered {
  readonly id: string;
  readonly check: CheckId;
  readonly answer: string;
  readonly taskKeys: readonly string[];
  readonly surfaceIds: readonly string[];
  readonly place: LineOf<'check'>['place'];
  readonly at: string;
  readonly by: string;
}

/**
 * The line of an answered check. Where the answer says that the work comes again, what it did on
 * these surfaces is set back, so that the planner asks for it again.
 * @param done the work on record that the check is about; work under way has nothing to set back
 */
export const answerLine = (it: Answered, done: readonly DoneWork[]): LineOf<'check'> => {
  const answer = CHECKS.get(it.check).answers.find((one) => one.id === it.answer);
  const effects = workOf(it, done).flatMap((one) =>
    one.endedAt === null ? [] : (effectIn(one) ?? []),
  );
  const comesAgain = answer?.means.kind === 'again' && effects.length > 0;
  return {
    of: 'check',
    ...it,
    taskKeys: [...it.taskKeys],
    surfaceIds: [...it.surfaceIds],
    setback: comesAgain ? undone(effects) : null,
  };
};
