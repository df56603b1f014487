import type { Piece, Shop } from '@obrik/core/piece';
import type { ClockView, TimetableEntry, Upset } from '@obrik/core/schedule';
import { timesAt } from '@/features/shared/useTimes';
import { underWay } from './step';

/** What may come between. */
export const UPSET_KINDS = [
  { value: 'longer', title: 'It takes longer' },
  { value: 'away', title: 'Somebody is away' },
  { value: 'material', title: 'Material is missing' },
  { value: 'air', title: 'The air turned' },
] as const;
export type Kind = (typeof UPSET_KINDS)[number]['value'];

/** How much longer a step takes, minutes. */
export const LONGER = [
  { value: '30', title: '30 min more' },
  { value: '60', title: '1 h more' },
  { value: '120', title: '2 h more' },
  { value: '240', title: '4 h more' },
] as const;

/** How many days something lasts; it ends with the last of them. */
export const LASTS = [
  { value: '0', title: 'Today' },
  { value: '1', title: 'Until tomorrow' },
  { value: '3', title: '3 days more' },
  { value: '7', title: 'A week' },
  { value: '14', title: 'Two weeks' },
] as const;

/** Midnight after so many days more. */
const dayEnds = ({ timeZone }: Shop, now: number, days: number): number =>
  timesAt(timeZone).midnight(now, days + 1);

/** Steps that may take longer: what is under way. */
export const runningIn = (view: ClockView, pieces: readonly Piece[]): readonly TimetableEntry[] =>
  view.timetable.entries.filter((it) => {
    const piece = pieces.find(({ id }) => id === it.pieceId);
    return piece !== undefined && underWay(piece, it.operation).size > 0;
  });

/** So many steps are offered to be put off. */
const MOST = 8;

/** Steps that need material and come next; the one that is asked about comes first. */
export const needingMaterial = (
  view: ClockView,
  asked: string | undefined,
): readonly TimetableEntry[] => {
  const all = view.timetable.entries.filter(
    (it) => !it.running && it.operation.materials.length > 0,
  );
  const first = all.filter((it) => it.operation.id === asked);
  return [...first, ...all.filter((it) => !first.includes(it))].slice(0, MOST);
};

/** What was chosen on the screen. */
export interface ChosenUpset {
  readonly kind: Kind | undefined;
  readonly step: TimetableEntry | undefined;
  readonly personId: string | undefined;
  readonly minutes: number;
  readonly days: number;
  readonly air: { readonly celsius: number; readonly humidity: number };
}

/** The upset that was chosen; undefined while something is missing to it. */
export const upsetOf = (
  it: ChosenUpset,
  shop: Shop,
  now: number,
  id: string,
): Upset | undefined => {
  const { kind, step, personId, minutes, days, air } = it;
  switch (kind) {
    case 'longer':
      return step
        ? {
            kind: 'longer',
            pieceId: step.pieceId,
            taskKeys: step.operation.taskKeys,
            until: Math.max(step.end, now) + minutes,
          }
        : undefined;
    case 'away':
      return shop.people.some((one) => one.id === personId) && personId !== undefined
        ? { kind: 'away', id, personId, from: now, until: dayEnds(shop, now, days) }
        : undefined;
    case 'material':
      return step
        ? {
            kind: 'putOff',
            pieceId: step.pieceId,
            taskKeys: step.operation.taskKeys,
            until: dayEnds(shop, now, days),
            why: 'material',
          }
        : undefined;
    case 'air':
      return { kind: 'air', air, at: now };
    case undefined:
      return undefined;
  }
};
