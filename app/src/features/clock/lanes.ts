import type { Shop } from '@obrik/core/piece';
import type { ClockView, TimetableEntry } from '@obrik/core/schedule';
import { timesAt } from '@/features/shared/useTimes';
import type { Lane, LaneBlock } from '@/ui/drawings';

/** By what the week is laid out. */
export const BY = [
  { value: 'piece', title: 'By piece' },
  { value: 'person', title: 'By person' },
  { value: 'place', title: 'By place' },
] as const;
export type By = (typeof BY)[number]['value'];

/** A step's own key on the week. */
export const stepKeyOf = (it: {
  readonly pieceId: string;
  readonly operation: Pick<TimetableEntry['operation'], 'id'>;
}): string => `${it.pieceId}/${it.operation.id}`;

const blockOf = (it: TimetableEntry, title: string): LaneBlock => ({
  key: stepKeyOf(it),
  title,
  worked: it.worked,
  opens: it.opens,
  closes: it.closes,
  running: it.running,
});

/** The entries of a plan in lanes. */
export const lanesOf = (
  view: ClockView,
  shop: Shop,
  by: By,
  numberOf: (pieceId: string) => string,
): readonly Lane[] => {
  const { entries, done } = view.timetable;
  const { dayOf } = timesAt(shop.timeZone);
  switch (by) {
    case 'piece': {
      const ids = [...new Set(entries.map((it) => it.pieceId))];
      return ids.map((id) => {
        const own = entries.filter((it) => it.pieceId === id);
        const promised = view.promised.find((it) => it.pieceId === id)?.by;
        const at = done.find((it) => it.pieceId === id)?.at ?? null;
        return {
          key: id,
          title: `${numberOf(id)} ${own[0]?.name ?? ''}`,
          sub:
            at === null
              ? 'no finish date'
              : promised !== undefined && promised !== null
                ? `${dayOf(promised)}, 9 in 10`
                : `done ${dayOf(at)}`,
          blocks: own.map((it) => blockOf(it, it.operation.title)),
        };
      });
    }
    case 'person':
      return shop.people.map(({ id, name }) => {
        const own = entries.filter((it) => it.personIds.includes(id));
        return {
          key: id,
          title: name,
          sub: `${Math.round(own.reduce((sum, it) => sum + it.minutes, 0) / 60)} h in all`,
          blocks: own.map((it) => ({
            ...blockOf(it, `${numberOf(it.pieceId)} ${it.operation.title}`),
            opens: null,
            closes: null,
          })),
        };
      });
    case 'place':
      return shop.spaces.map(({ id, name }) => {
        const own = entries.filter((it) => it.spaceId === id);
        return {
          key: id,
          title: name,
          sub: `${own.length} steps`,
          blocks: own.map((it) => blockOf(it, `${numberOf(it.pieceId)} ${it.operation.title}`)),
        };
      });
  }
};
