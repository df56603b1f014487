import type { Piece } from '../piece';
import type { Entry } from './entry';
import { changesMaking, formOf } from './kinds';

/**
 * The entries that make a piece: for one that comes in from a file or a demo.
 * @param about who puts it on record, where, and when, for what the piece itself does not date
 * @param nextId makes an id for each entry
 */
export const entriesOf = (
  it: Piece,
  about: Pick<Entry, 'at' | 'device'>,
  nextId: () => string,
): readonly Entry[] =>
  changesMaking(it).map(({ change, at, by = '' }) => ({
    id: nextId(),
    pieceId: it.id,
    form: formOf(change),
    change,
    at: at ?? about.at,
    device: about.device,
    by,
    baseSeq: 0,
  }));
