import type { LedgerEntry } from './entry';
import { foldEntries } from './fold';
import { kindOf, type Change } from './kinds';

/** The one surface that each entry is about, also where it takes something of that surface away. */
const surfacesIn = (entries: readonly LedgerEntry[]): ReadonlyMap<string, string> => {
  const ofEntry = new Map<string, string>();
  const ofThing = new Map<string, string>();
  for (const { id, change } of entries) {
    const { puts, takes, surfaceOf } = kindOf(change);
    const thing = puts?.(change);
    if (thing) ofThing.set(thing.id, thing.surfaceId);
    const surface =
      change.kind === 'revoke'
        ? onlyOne(change.entryIds.map((it) => ofEntry.get(it)))
        : takes
          ? ofThing.get(takes(change))
          : surfaceOf?.(change);
    if (surface !== undefined) ofEntry.set(id, surface);
  }
  return ofEntry;
};

const onlyOne = (surfaces: readonly (string | undefined)[]): string | undefined =>
  new Set(surfaces).size === 1 ? surfaces[0] : undefined;

/**
 * What has to be done so that a surface is again as it was before an entry, and nothing else
 * changes: that entry and all later ones about this surface alone are revoked; an aim that came
 * with those of other surfaces is set to what it was.
 * @param entries the history of the piece, in order
 * @param entryId the entry before which it was as it shall be
 * @returns changes, in order; none where there is no such entry
 */
export const settingBack = (
  entries: readonly LedgerEntry[],
  surfaceId: string,
  entryId: string,
): readonly Change[] => {
  const from = entries.findIndex((it) => it.id === entryId);
  const before = from < 0 ? undefined : foldEntries(entries.slice(0, from))?.piece;
  if (!before) return [];
  const surfaces = surfacesIn(entries);
  const own = new Set(
    entries.slice(from).flatMap((it) => (surfaces.get(it.id) === surfaceId ? [it.id] : [])),
  );
  const without = foldEntries(entries.filter((it) => !own.has(it.id)))?.piece;
  const aimOf = (it: typeof without) => it?.aims.filter((aim) => aim.surfaceId === surfaceId) ?? [];
  const aims = aimOf(before);
  const stays = JSON.stringify(aimOf(without)) === JSON.stringify(aims);
  return [
    ...(own.size > 0 ? [{ kind: 'revoke' as const, entryIds: [...own] }] : []),
    ...(stays ? [] : [{ kind: 'aim' as const, surfaceIds: [surfaceId], aims: [...aims] }]),
  ];
};
