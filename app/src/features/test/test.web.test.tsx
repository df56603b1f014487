import { INSPECTION_TESTS, type ReadingTest } from '@obrik/core/catalog';
import { render } from '@testing-library/react';
import {
  timeLeft,
  timerKey,
  timerSeen,
  timerSlice,
  timerStarted,
  timerStopped,
} from '@/state/timers';
import { OutcomeSketch } from '@/ui/drawings';
import { bandInWords, rangeOf, readTyped } from '@/features/shared/figures';

const reading = (id: string): ReadingTest => {
  const found = INSPECTION_TESTS.find((it) => it.id === id);
  if (found?.kind !== 'reading') throw new Error(`No reading ${id}`);
  return found;
};

describe('a typed reading', () => {
  it.each([
    ['veneer-thickness', 'metric', '0,6', 0.6],
    ['veneer-thickness', 'us', '1/32', 0.794],
    ['moisture', 'us', '12.5', 12.5],
    ['surface-ph', 'metric', ' 7 ', 7],
    ['layer-count', 'metric', '4', 4],
  ] as const)('%s in %s: “%s” is %d', (id, units, typed, value) => {
    const result = readTyped(reading(id), units, typed);
    expect('value' in result && result.value).toBeCloseTo(value, 3);
  });

  it.each([
    ['veneer-thickness', 'metric', '', /A number of mm/],
    ['veneer-thickness', 'us', '9', /Plausible is 0\.004 to 0\.24 in/],
    ['moisture', 'metric', '80', /Plausible is 3 to 60 %/],
    ['gloss', 'metric', 'shiny', /A number of GU/],
    ['layer-count', 'metric', '1.5', /counted whole/],
  ] as const)('%s in %s: “%s” is told what is wrong', (id, units, typed, words) => {
    const result = readTyped(reading(id), units, typed);
    expect('wrong' in result && result.wrong).toMatch(words);
  });

  it('has a range and, where there are bands, a name', () => {
    expect(rangeOf(reading('moisture'), 'metric')).toBe('3 to 60 %');
    expect(bandInWords(reading('gloss'), 33)).toBe('G4, satin');
    expect(bandInWords(reading('cross-cut'), 25)).toBe('0B, fails');
    expect(bandInWords(reading('moisture'), 12)).toBeUndefined();
  });
});

describe('timers', () => {
  const key = timerKey('piece', 'top', 'alcohol');
  const timer = {
    pieceId: 'piece',
    surfaceId: 'top',
    testId: 'alcohol',
    title: 'Alcohol',
    endsAt: 61_000,
    seen: false,
  };
  const { reducer } = timerSlice;

  it.each([
    [0, '1:01'],
    [1_000, '1:00'],
    [1_001, '1:00'],
    [51_500, '0:10'],
    [61_000, '0:00'],
    [99_000, '0:00'],
  ])('at %d ms there is %s left', (now, shown) => {
    expect(timeLeft(61_000, now)).toBe(shown);
  });

  it('show hours where there are any: four hours for a bleed patch', () => {
    expect(timeLeft(4 * 3_600_000, 0)).toBe('4:00:00');
    expect(timeLeft(4 * 3_600_000, 1_000)).toBe('3:59:59');
  });

  it('run beside each other, are seen, started anew and stopped', () => {
    const other = timerKey('piece', 'left', 'alcohol');
    let state = reducer({}, timerStarted({ key, timer }));
    state = reducer(state, timerStarted({ key: other, timer: { ...timer, surfaceId: 'left' } }));
    state = reducer(state, timerSeen(key));
    expect(state[key]?.seen).toBe(true);
    expect(state[other]?.seen).toBe(false);
    state = reducer(state, timerStarted({ key, timer: { ...timer, endsAt: 99_000 } }));
    expect(state[key]).toMatchObject({ endsAt: 99_000, seen: false });
    state = reducer(state, timerStopped(other));
    expect(Object.keys(state)).toEqual([key]);
    expect(reducer(state, timerSeen('none'))).toEqual(state);
  });
});

it('every outcome of every test has a drawing, and unlike outcomes of a test unlike drawings', () => {
  for (const test of INSPECTION_TESTS) {
    if (test.kind === 'reading') continue;
    const drawings = test.outcomes.map((outcome) => {
      const { container } = render(<OutcomeSketch sketch={outcome.sketch} />);
      expect(container.querySelector('svg')?.childElementCount).toBeGreaterThan(0);
      return container.innerHTML;
    });
    expect([test.id, new Set(drawings).size]).toEqual([test.id, drawings.length]);
  }
});
