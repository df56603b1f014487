import { bad, type Problem } from '../piece';
import type { Entry, LedgerEntry } from './entry';
import { applyEntry } from './apply';
import type { PieceFold } from './fold';
import { subjectOf } from './kinds';

const problem = (path: string, message: string): readonly Problem[] => {
  const result = bad(path, message);
  return result.ok ? [] : result.problems;
};

const takesBack = (
  entries: readonly LedgerEntry[],
  entryIds: readonly string[],
): readonly Problem[] =>
  entryIds.flatMap((id) => {
    const it = entries.find((one) => one.id === id);
    if (!it) return problem('change.entryIds', `There is no entry "${id}" here to take back.`);
    return it.change.kind === 'takenIn'
      ? problem('change.entryIds', 'Taking a piece in can’t be undone: archive it instead.')
      : [];
  });

/** Is it about the shop as a whole? */
const isOfShop = ({ change }: Entry): boolean => subjectOf(change) === 'shop';

/** Was it made without knowing of something that another device put on record before? */
const madeApart = (entries: readonly LedgerEntry[], it: Entry): boolean =>
  entries.some((one) => (one.seq ?? 0) > it.baseSeq && one.device !== it.device);

/**
 * What forbids an entry to come into the record of its piece. One that was made on an older state
 * is never refused for it: what it can't do any more, it does not do, and the history says so.
 * @param before the piece so far; undefined where there is none of its id
 */
export const admitToPiece = (before: PieceFold | undefined, it: Entry): readonly Problem[] => {
  if (it.pieceId === null || isOfShop(it)) {
    return problem(
      'change.kind',
      'Settings, stock and prices are for the shop, everything else is for a piece.',
    );
  }
  if (it.change.kind === 'erased') {
    return problem(
      'change.kind',
      'A piece is deleted for good by its own address, and asked for by name.',
    );
  }
  if (it.change.kind === 'takenIn') {
    return before
      ? problem('pieceId', `There is a piece "${it.pieceId}" already. Make another id.`)
      : [];
  }
  if (!before) return problem('pieceId', `There is no piece "${it.pieceId}".`);
  if (it.change.kind === 'revoke') return takesBack(before.entries, it.change.entryIds);
  if (madeApart(before.entries, it)) return [];
  const after = applyEntry(before.piece, it.change);
  return after.ok ? [] : after.problems;
};

/** What forbids an entry to come into the record of the shop. */
export const admitToShop = (before: readonly LedgerEntry[], it: Entry): readonly Problem[] => {
  if (isOfShop(it)) return [];
  return it.change.kind === 'revoke'
    ? takesBack(before, it.change.entryIds)
    : problem('pieceId', 'Name the piece that this is about.');
};
