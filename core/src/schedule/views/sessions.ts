import type { Minute } from '../../climate';
import type { TimetableEntry } from './timetable';

/** What one person does in one go: for a calendar. */
export interface Session {
  readonly personId: string | null;
  readonly from: Minute;
  readonly to: Minute;
  readonly entries: readonly TimetableEntry[];
}

/** Breaks shorter than this do not end a session, minutes (J). */
const BREAK = 45;

/** The entries of a plan as the sessions of its people, in the order in which they begin. */
export const inSessions = (entries: readonly TimetableEntry[]): readonly Session[] => {
  const sessions: Session[] = [];
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
    const open = at === undefined ? undefined : sessions[at];
    if (at !== undefined && open && from - open.to <= BREAK) {
      sessions[at] = { ...open, to: Math.max(open.to, to), entries: [...open.entries, entry] };
    } else {
      last.set(personId, sessions.push({ personId, from, to, entries: [entry] }) - 1);
    }
  }
  return sessions;
};
