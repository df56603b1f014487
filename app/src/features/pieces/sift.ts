import type { ListCard } from '@/device';

/** Which pieces are shown. */
export const FILTERS = [
  { value: 'all', title: 'All' },
  { value: 'look', title: 'To look over' },
  { value: 'aim', title: 'Finish to choose' },
  { value: 'step', title: 'To work on' },
  { value: 'warned', title: 'With a warning' },
] as const;
export type Filter = (typeof FILTERS)[number]['value'];

/** In which order. */
export const SORTS = [
  { value: 'number', title: 'By number' },
  { value: 'changed', title: 'Last changed' },
  { value: 'name', title: 'By name' },
  { value: 'work', title: 'Least work' },
] as const;
export type Sort = (typeof SORTS)[number]['value'];

const isShown = ({ planned }: ListCard, filter: Filter): boolean => {
  if (filter === 'all') return true;
  if (filter === 'warned') return (planned?.warnings.length ?? 0) > 0;
  return (planned?.next.kind ?? 'look') === filter;
};

const ORDER: Readonly<Record<Sort, (a: ListCard, b: ListCard) => number>> = {
  number: (a, b) => (a.number ?? Infinity) - (b.number ?? Infinity) || 0,
  changed: (a, b) => b.updatedAt.localeCompare(a.updatedAt),
  name: (a, b) => a.name.localeCompare(b.name),
  work: (a, b) => (a.planned?.minutes ?? Infinity) - (b.planned?.minutes ?? Infinity) || 0,
};

/** The pieces in the shop that a filter shows, in order; those put away are left out. */
export const sift = (cards: readonly ListCard[], filter: Filter, sort: Sort): readonly ListCard[] =>
  cards.filter((it) => !it.archived && isShown(it, filter)).sort(ORDER[sort]);
