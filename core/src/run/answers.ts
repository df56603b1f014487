import { CHECKS, type CheckId } from '../catalog';
import { linesOf, type DoneWork, type LineOf, type Piece, type Setback } from '../piece';
import { effectIn, type Effect } from '../work';

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
 * Questions about the last work on each surface that nobody has answered yet, the latest first. What
 * was done in one go is asked about once.
 */
export const openChecks = ({ done, log }: Pick<Piece, 'done' | 'log'>): readonly OpenCheck[] => {
  const last = lastOn(done);
  const answered = linesOf(log, 'check');
  const open = new Map<string, OpenCheck>();
  for (const it of done) {
    if (it.endedAt === null || !it.surfaceIds.some((id) => last.get(id) === it.id)) continue;
    for (const { id: check } of effectIn(it)?.checks ?? []) {
      if (CHECKS.get(check).during) continue;
      const isAnswered = answered.some(
        (one) =>
          one.check === check &&
          one.taskKeys.includes(it.taskKey) &&
          Date.parse(one.at) >= Date.parse(it.startedAt),
      );
      if (isAnswered) continue;
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
  const effects = done.flatMap((one) =>
    one.endedAt !== null && it.taskKeys.includes(one.taskKey) ? (effectIn(one) ?? []) : [],
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
