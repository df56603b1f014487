import { liveQuery } from 'dexie';
import { theDevice, type Device } from './device';

/** A kind of small thing that a device keeps: its form, and the version of it. */
export interface KeptKind<T> {
  /** Keys begin with it. */
  readonly prefix: string;
  readonly version: number;
  /** Reads what was stored; undefined where it is not of this form. */
  readonly read: (stored: unknown) => T | undefined;
}

/** Keeps one thing. */
export const keepThing = async <T>(
  { prefix, version }: KeptKind<T>,
  name: string,
  value: T,
): Promise<void> => {
  await (await theDevice()).kept.put({ key: `${prefix}:${name}`, version, value });
};

/** Drops one thing. */
export const dropThing = async (
  { prefix }: Pick<KeptKind<unknown>, 'prefix'>,
  name: string,
): Promise<void> => {
  await (await theDevice()).kept.delete(`${prefix}:${name}`);
};

const readThings = async <T>(
  device: Device,
  { prefix, version, read }: KeptKind<T>,
): Promise<Readonly<Record<string, T>>> => {
  const rows = await device.kept.where('key').startsWith(`${prefix}:`).toArray();
  return Object.fromEntries(
    rows.flatMap((row) => {
      const value = row.version === version ? read(row.value) : undefined;
      return value === undefined ? [] : [[row.key.slice(prefix.length + 1), value] as const];
    }),
  );
};

/**
 * All things of a kind by name. What is of another version or form is passed over and stays where
 * it is: an older or newer Obrik may read it.
 */
export const thingsOf = async <T>(kind: KeptKind<T>): Promise<Readonly<Record<string, T>>> =>
  readThings(await theDevice(), kind);

/** Tells all things of a kind whenever one of them changes, in whichever tab. */
export const watchThings = async <T>(
  kind: KeptKind<T>,
  told: (things: Readonly<Record<string, T>>) => void,
): Promise<void> => {
  const device = await theDevice();
  liveQuery(() => readThings(device, kind)).subscribe({ next: told, error: () => {} });
};
