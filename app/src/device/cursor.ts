import type { Device } from './device';

const CURSOR = 'cursor';

/** Place in the record up to which this device has everything; 0 before it has anything. */
export const cursorHere = async ({ kept }: Device): Promise<number> => {
  const it = await kept.get(CURSOR);
  return typeof it?.value === 'number' ? it.value : 0;
};

/** Notes that this device has the record up to a place. */
export const keepCursor = async ({ kept }: Device, value: number): Promise<void> => {
  await kept.put({ key: CURSOR, version: 1, value });
};

/** The record is read from its beginning once more. */
export const dropCursor = ({ kept }: Device): Promise<void> => kept.delete(CURSOR);
