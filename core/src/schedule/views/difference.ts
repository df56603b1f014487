import type { Minute } from '../../climate';
import type { ShopProblem } from '../model/fromRoutes';
import type { JobPlan } from '../model/problem';

/** What another plan changes for one piece. */
export interface PieceShift {
  readonly pieceId: string;
  readonly name: string;
  /** When it is done before and after; null where it is not. */
  readonly before: Minute | null;
  readonly after: Minute | null;
}

const doneIn = (
  { problem, meanings }: ShopProblem,
  { bookings }: JobPlan,
): Map<string, number | null> => {
  const done = new Map<string, number | null>();
  problem.jobs.forEach((_, job) => {
    const { pieceId, operation } = meanings[job] ?? {};
    if (pieceId === undefined || !operation) return;
    const end = bookings[job]?.end ?? null;
    const old = done.get(pieceId);
    done.set(pieceId, old === null || end === null ? null : Math.max(old ?? 0, end));
  });
  return done;
};

/** Which pieces are done when, by two plans; those that stay as they were left out. */
export const shiftsBetween = (
  before: { readonly of: ShopProblem; readonly plan: JobPlan },
  after: { readonly of: ShopProblem; readonly plan: JobPlan },
): readonly PieceShift[] => {
  const [then, now] = [doneIn(before.of, before.plan), doneIn(after.of, after.plan)];
  const names = new Map(
    [before.of, after.of].flatMap(({ problem, meanings }) =>
      problem.jobs.flatMap((job, index) => {
        const name = problem.projects[job.project]?.name;
        const id = meanings[index]?.pieceId;
        return id && name ? [[id, name] as const] : [];
      }),
    ),
  );
  return [...new Set([...then.keys(), ...now.keys()])].flatMap((pieceId): PieceShift[] => {
    const [a, b] = [then.get(pieceId) ?? null, now.get(pieceId) ?? null];
    const same = a !== null && b !== null ? Math.abs(a - b) < 1 : a === b;
    return same ? [] : [{ pieceId, name: names.get(pieceId) ?? '', before: a, after: b }];
  });
};
