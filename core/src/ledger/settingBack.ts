import type { Deed, LedgerEntry } from './entry';
import { foldEntries } from './fold';
import { surfaceOf } from './history';

/** What a deed puts on a surface, by an id of its own. */
const thingIn = (it: Deed): { readonly id: string; readonly surfaceId: string } | undefined => {
  switch (it.kind) {
    case 'observe':
      return it.observation;
    case 'find':
      return it.finding;
    case 'picture':
      return it.picture;
    default:
      return undefined;
  }
};

/** The one surface that each entry is about, also where it takes something of that surface away. */
const surfacesIn = (entries: readonly LedgerEntry[]): ReadonlyMap<string, string> => {
  const ofEntry = new Map<string, string>();
  const ofThing = new Map<string, string>();
  for (const { id, deed } of entries) {
    const thing = thingIn(deed);
    if (thing) ofThing.set(thing.id, thing.surfaceId);
    const surface =
      deed.kind === 'withdraw'
        ? ofThing.get(deed.observationId)
        : deed.kind === 'unfind'
          ? ofThing.get(deed.findingId)
          : deed.kind === 'unpicture'
            ? ofThing.get(deed.pictureId)
            : deed.kind === 'takenBack'
              ? onlyOne(deed.entryIds.map((it) => ofEntry.get(it)))
              : surfaceOf(deed);
    if (surface !== undefined) ofEntry.set(id, surface);
  }
  return ofEntry;
};

const onlyOne = (surfaces: readonly (string | undefined)[]): string | undefined =>
  new Set(surfaces).size === 1 ? surfaces[0] : undefined;

/**
 * What has to be done so that a surface is again as it was before an entry, and nothing else
 * changes: that entry and all later ones about this surface alone are taken back; an aim that came
 * with those of other surfaces is set to what it was.
 * @param entries the history of the piece, in order
 * @param entryId the entry before which it was as it shall be
 * @returns deeds, in order; none where there is no such entry
 */
export const settingBack = (
  entries: readonly LedgerEntry[],
  surfaceId: string,
  entryId: string,
): readonly Deed[] => {
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
    ...(own.size > 0 ? [{ kind: 'takenBack' as const, entryIds: [...own] }] : []),
    ...(stays ? [] : [{ kind: 'aim' as const, surfaceIds: [surfaceId], aims: [...aims] }]),
  ];
};
