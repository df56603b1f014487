import type { Device } from './device';

const CURSOR = 'cursor';
const READ = 'read';

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
export const dropCursor = ({ kept }: Device): Promise<void> => kept.bulkDelete([CURSOR, READ]);

/** How much of the record this device has read: a part of it must not pass for all of it. */
export type ReadSoFar = 'nothing' | 'part' | 'whole';

/** A device that read the record before this was noted has read the whole of it. */
export const readSoFar = async (device: Device): Promise<ReadSoFar> => {
  const it = await device.kept.get(READ);
  if (it) return it.value === 'whole' ? 'whole' : 'part';
  return (await cursorHere(device)) > 0 ? 'whole' : 'nothing';
};

/** Notes that the record is being read from its beginning, or was read to its end. */
export const keepReadSoFar = async ({ kept }: Device, value: 'part' | 'whole'): Promise<void> => {
  await kept.put({ key: READ, version: 1, value });
};
