import {
  MOST,
  bad,
  piece,
  read,
  standsFor,
  strayEntries,
  type Piece,
  type Problem,
  type Result,
} from '../piece';
import { kindOf, type Change, type PieceChange } from './kinds';

const tooMany = (it: Piece): readonly Problem[] =>
  Object.entries(MOST)
    .filter(([list, most]) => it[list as keyof typeof MOST].length > most)
    .map(([list, most]) => ({ path: list, message: `A piece holds ${most} at most.` }));

/**
 * The piece after one change of its ledger, that its schema has read. The piece given is left as it
 * is. Only what the change can break is looked at, so that thousands of entries fold quickly.
 * @returns the changed piece, or what forbids the change
 */
export const applyEntry = (before: Piece, it: Change): Result<Piece> => {
  const { about, apply, moved } = kindOf(it);
  if (!apply)
    return bad('change.kind', 'Settings, stock and prices of the shop belong to no piece.');
  if (about !== 'piece') return apply(before, it);
  const isMerged = before.build.merges.length > 0;
  const after = apply(
    before,
    // About the surface that stands for one that was merged.
    isMerged && moved ? moved(it, (surfaceId) => standsFor(before.build, surfaceId)) : it,
  );
  if (!after.ok) return after;
  if (it.kind === 'describe') return read(piece, after.value);
  const problems = [...strayEntries(after.value), ...tooMany(after.value)];
  return problems.length > 0 ? { ok: false, problems } : after;
};

/**
 * The piece after a change. App and server apply the same changes with the same function, so that
 * the screen can show the result before the server has answered.
 */
export const applyChange = (before: Piece, it: PieceChange): Result<Piece> =>
  applyEntry(before, it);
