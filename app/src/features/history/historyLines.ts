import { inspectionTest } from '@obrik/core/catalog';
import {
  changeInWords,
  groupOf,
  surfaceOf,
  revokedIn,
  type HistoryGroup,
  type LedgerEntry,
  type PieceLedger,
} from '@obrik/core/ledger';
import type { PlaceClock } from '@obrik/core/clock';
import { surfaceNames } from '@obrik/core/piece';
import type { UnitSystem } from '@obrik/core/units';

/** What of a history is shown. */
export type HistoryFilter = HistoryGroup | 'all';

/** One entry of a history, to be read. */
export interface HistoryLine {
  readonly id: string;
  readonly words: string;
  /** "12 Nov 2026, 19:40 · Runa · device 3fK9" */
  readonly origin: string;
  readonly revoked: boolean;
  /** Why it changes nothing, where it does not. */
  readonly idle: string | undefined;
  /** The one surface that it is about. */
  readonly surface: { readonly id: string; readonly name: string } | undefined;
}

const originOf = (it: LedgerEntry, clock: PlaceClock): string =>
  [
    clock.dayAndTime(new Date(it.at)),
    it.by,
    `device ${it.device.slice(0, 4)}`,
    it.seq === null ? 'not yet at the shop' : '',
  ]
    .filter(Boolean)
    .join(' · ');

/** The history of a piece in words, the newest first. */
export const historyLines = (
  { piece, withoutEffect }: PieceLedger,
  entries: readonly LedgerEntry[],
  shown: HistoryFilter,
  units: UnitSystem,
  clock: PlaceClock,
): readonly HistoryLine[] => {
  const surfaceName = surfaceNames(piece);
  const gone = revokedIn(entries);
  const idle = new Map(withoutEffect.map((it) => [it.entryId, it.problems[0]?.message]));
  return entries
    .filter((it) => shown === 'all' || groupOf(it.change) === shown)
    .map((it): HistoryLine => {
      const surfaceId = surfaceOf(it.change);
      const unknown =
        it.change.kind === 'observe' && !inspectionTest(it.change.observation.testId)
          ? it.change.observation.testId
          : undefined;
      return {
        id: it.id,
        words: unknown ?? changeInWords(it.change, { units, surfaceName }),
        origin: originOf(it, clock),
        revoked: gone.has(it.id),
        idle: idle.get(it.id),
        surface:
          surfaceId === undefined ? undefined : { id: surfaceId, name: surfaceName(surfaceId) },
      };
    })
    .reverse();
};
