import type { Minute } from '../../climate';
import type { TimetableEntry } from './timetable';

/** What one person does in one go: for a calendar. */
export interface Sitting {
  readonly personId: string | null;
  readonly from: Minute;
  readonly to: Minute;
  readonly entries: readonly TimetableEntry[];
}

/** Breaks shorter than this do not end a sitting, minutes (J). */
const BREAK = 45;

/** The entries of a plan as the sittings of its people, in the order in which they begin. */
export const inSittings = (entries: readonly TimetableEntry[]): readonly Sitting[] => {
  const sittings: Sitting[] = [];
  const last = new Map<string | null, number>();
  const parts = entries
    .flatMap((entry) =>
      (entry.personIds.length > 0 ? entry.personIds : [null]).flatMap((personId) =>
        entry.worked.map((it) => ({ ...it, entry, personId })),
      ),
    )
    .sort((a, b) => a.from - b.from);
  for (const { from, to, entry, personId } of parts) {
    const at = last.get(personId);
    const open = at === undefined ? undefined : sittings[at];
    if (at !== undefined && open && from - open.to <= BREAK) {
      sittings[at] = { ...open, to: Math.max(open.to, to), entries: [...open.entries, entry] };
    } else {
      last.set(personId, sittings.push({ personId, from, to, entries: [entry] }) - 1);
    }
  }
  return sittings;
};
