import { liveQuery } from 'dexie';
import type { z } from 'zod';
import { theDevice, type Device } from './device';

/** A kind of small thing that a device keeps: its form, and the version of it. */
export interface KeptKind<S extends z.ZodType> {
  /** Keys begin with it. */
  readonly prefix: string;
  readonly version: number;
  readonly schema: S;
}

/** Keeps one thing. */
export const keepThing = async <S extends z.ZodType>(
  { prefix, version }: KeptKind<S>,
  name: string,
  value: z.output<S>,
): Promise<void> => {
  await (await theDevice()).kept.put({ key: `${prefix}:${name}`, version, value });
};

/** Drops one thing. */
export const dropThing = async (
  { prefix }: Pick<KeptKind<z.ZodType>, 'prefix'>,
  name: string,
): Promise<void> => {
  await (await theDevice()).kept.delete(`${prefix}:${name}`);
};

const readThings = async <S extends z.ZodType>(
  device: Device,
  { prefix, version, schema }: KeptKind<S>,
): Promise<Readonly<Record<string, z.output<S>>>> => {
  const rows = await device.kept.where('key').startsWith(`${prefix}:`).toArray();
  return Object.fromEntries(
    rows.flatMap((row) => {
      const result = schema.safeParse(row.value);
      return row.version === version && result.success
        ? [[row.key.slice(prefix.length + 1), result.data] as const]
        : [];
    }),
  );
};

/**
 * All things of a kind by name. What is of another version or form is passed over and stays where
 * it is: an older or newer Obrik may read it.
 */
export const thingsOf = async <S extends z.ZodType>(
  kind: KeptKind<S>,
): Promise<Readonly<Record<string, z.output<S>>>> => readThings(await theDevice(), kind);

/** Tells all things of a kind whenever one of them changes, in whichever tab. */
export const watchThings = async <S extends z.ZodType>(
  kind: KeptKind<S>,
  told: (things: Readonly<Record<string, z.output<S>>>) => void,
): Promise<void> => {
  const device = await theDevice();
  liveQuery(() => readThings(device, kind)).subscribe({ next: told, error: () => {} });
};
