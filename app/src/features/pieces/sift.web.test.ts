import type { ListCard } from '@/device';
import { sift } from './sift';

const card = (number: number, part: Partial<ListCard>): ListCard => ({
  pieceId: `p${number}`,
  number,
  name: `Piece ${number}`,
  startedFrom: 'chest',
  sketch: [],
  photoId: null,
  yearFrom: null,
  yearTo: null,
  archived: false,
  updatedAt: `2026-03-0${number}T08:00:00Z`,
  seq: number,
  conflicts: 0,
  planned: null,
  waiting: false,
  ...part,
});
const planned = (
  kind: 'look' | 'aim' | 'nothing',
  minutes: number,
  warned = false,
): ListCard['planned'] => ({
  settled: 0,
  surfaces: 1,
  stage: null,
  next: { kind },
  minutes,
  holdsUntil: null,
  warnings: warned ? [{ kind: 'leadOpen', count: 1 }] : [],
});

const CARDS = [
  card(2, { name: 'Bench', planned: planned('aim', 90, true) }),
  card(1, { name: 'Chest', planned: planned('look', 300) }),
  card(3, { name: 'Armchair', archived: true }),
  card(4, { name: 'Desk' }),
];
const numbers = (...how: [Parameters<typeof sift>[1], Parameters<typeof sift>[2]]) =>
  sift(CARDS, ...how).map((it) => it.number);

it('shows what is in the shop, in the order asked for', () => {
  expect(numbers('all', 'number')).toEqual([1, 2, 4]);
  expect(numbers('all', 'changed')).toEqual([4, 2, 1]);
  expect(numbers('all', 'name')).toEqual([2, 1, 4]);
  expect(numbers('all', 'work')).toEqual([2, 1, 4]);
});

it('filters by what is to be done; what was never planned is to be looked over', () => {
  expect(numbers('look', 'number')).toEqual([1, 4]);
  expect(numbers('aim', 'number')).toEqual([2]);
  expect(numbers('warned', 'number')).toEqual([2]);
  expect(numbers('step', 'number')).toEqual([]);
});
