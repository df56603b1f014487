import { entriesOf } from '@obrik/core/ledger';
import { pieceFile, read } from '@obrik/core/piece';
import { nanoid } from '@reduxjs/toolkit';
import { shopNow, theDevice } from '@/device';
import { pieceHere, record } from '@/record';

/** Larger than this no piece file is, bytes. */
const LARGEST = 5_000_000;

/** What came of opening a file. */
export type Opened =
  | { readonly ok: true; readonly pieceId: string }
  | { readonly ok: false; readonly problem: string };

const parsed = (text: string): unknown => {
  try {
    return JSON.parse(text) as unknown;
  } catch {
    return undefined;
  }
};

/**
 * Takes the piece of a file in, with all that is known and wanted of it. A piece that is here
 * already comes in beside it, as another.
 */
export const openPieceFile = async (file: Blob): Promise<Opened> => {
  if (file.size > LARGEST) return { ok: false, problem: 'That is too large for a piece file.' };
  const result = read(pieceFile, parsed(await file.text()));
  if (!result.ok) {
    const [first] = result.problems;
    return {
      ok: false,
      problem: `That file can’t be opened. ${first?.path ? `${first.path}: ` : ''}${first?.message ?? ''}`,
    };
  }
  const { piece } = result.value;
  const isHere = (await pieceHere(await theDevice(), piece.id)) !== null;
  const pieceId = isHere ? nanoid() : piece.id;
  const about = { at: shopNow().toISOString(), device: 'file' };
  const changes = entriesOf({ ...piece, id: pieceId }, about, nanoid).map((it) => it.change);
  const done = await record(pieceId, ...changes);
  return done.ok
    ? { ok: true, pieceId }
    : { ok: false, problem: done.problems[0]?.message ?? 'The piece can’t be added.' };
};
