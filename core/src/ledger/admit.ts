import { bad, type Problem } from '../piece';
import type { Entry, LedgerEntry } from './entry';
import { applyDeed, type PieceFold } from './fold';

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
    if (!it) return problem('deed.entryIds', `There is no entry "${id}" here to take back.`);
    return it.deed.kind === 'takenIn'
      ? problem('deed.entryIds', 'Taking a piece in can’t be undone: archive it instead.')
      : [];
  });

/** Is it about the shop as a whole? */
const isOfShop = ({ deed }: Entry): boolean =>
  deed.kind === 'shopSet' || deed.kind === 'stocked' || deed.kind === 'priced';

/** Was it made without knowing of something that another device put on record before? */
const madeApart = (entries: readonly LedgerEntry[], it: Entry): boolean =>
  entries.some((one) => (one.seq ?? 0) > it.knew && one.device !== it.device);

/**
 * What forbids an entry to come into the record of its piece. One that was made on an older state
 * is never refused for it: what it can't do any more, it does not do, and the history says so.
 * @param before the piece so far; undefined where there is none of its id
 */
export const admitToPiece = (before: PieceFold | undefined, it: Entry): readonly Problem[] => {
  if (it.pieceId === null || isOfShop(it)) {
    return problem(
      'deed.kind',
      'Settings, stock and prices are for the shop, everything else is for a piece.',
    );
  }
  if (it.deed.kind === 'erased') {
    return problem(
      'deed.kind',
      'A piece is deleted for good by its own address, and asked for by name.',
    );
  }
  if (it.deed.kind === 'takenIn') {
    return before
      ? problem('pieceId', `There is a piece "${it.pieceId}" already. Make another id.`)
      : [];
  }
  if (!before) return problem('pieceId', `There is no piece "${it.pieceId}".`);
  if (it.deed.kind === 'takenBack') return takesBack(before.entries, it.deed.entryIds);
  if (madeApart(before.entries, it)) return [];
  const after = applyDeed(before.piece, it.deed);
  return after.ok ? [] : after.problems;
};

/** What forbids an entry to come into the record of the shop. */
export const admitToShop = (before: readonly LedgerEntry[], it: Entry): readonly Problem[] => {
  if (isOfShop(it)) return [];
  return it.deed.kind === 'takenBack'
    ? takesBack(before, it.deed.entryIds)
    : problem('pieceId', 'Name the piece that this is about.');
};
