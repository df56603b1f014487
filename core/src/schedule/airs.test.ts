import fc from 'fast-check';
import { airAt, type AirCourse } from '../climate';
import { shop as shopSchema, type Shop } from '../piece';
import { airIn, asAirFile, outdoorAir } from '../drying';
import { airAhead } from '.';

const MS = 60_000;
const HOUR = 60;
const DAY = 24 * HOUR;
const START = Date.UTC(2026, 2, 2) / MS;

const courseOf = (celsius: readonly number[]): AirCourse => ({
  from: START,
  hours: celsius.map((it) => ({ celsius: it, humidity: 60 })),
  madeAt: START,
  measured: true,
});

const shopWith = (air: object): Shop =>
  shopSchema.parse({
    spaces: [
      { id: 'room', name: 'Room' },
      { id: 'yard', name: 'Yard', room: 'outdoors' },
    ],
    air,
  });

const anyDays = fc
  .integer({ min: 2, max: 6 })
  .chain((days) =>
    fc.array(fc.integer({ min: -100, max: 350 }), { minLength: days * 24, maxLength: days * 24 }),
  )
  .map((tenths) => tenths.map((it) => it / 10));

describe('the air by a file', () => {
  it('is, hour by hour, what was read; what is typical comes again, readings go on with their last day', () => {
    fc.assert(
      fc.property(anyDays, fc.boolean(), fc.nat(), (celsius, comesAgain, some) => {
        const file = asAirFile(courseOf(celsius), {
          name: 'x',
          comesAgain,
          spaceId: null,
          stepHours: 1,
        });
        const shop = shopWith({ kind: 'file', file });
        const { length } = celsius;
        const inside = some % length;
        const now = START + 60;
        const at = (hour: number) => airAt(outdoorAir(shop, now), START + hour * HOUR).celsius;
        expect(at(inside)).toBeCloseTo(celsius[inside] ?? NaN, 6);
        const beyond = length + (some % (30 * 24));
        const same = comesAgain ? beyond % length : length - 24 + ((beyond - length) % 24);
        expect(at(beyond)).toBeCloseTo(celsius[same] ?? NaN, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('kept every third hour, a slow course is met between the readings', () => {
    const slow = Array.from({ length: 72 }, (_, hour) => 10 + hour / 10);
    const file = asAirFile(courseOf(slow), {
      name: 'x',
      comesAgain: false,
      spaceId: null,
      stepHours: 3,
    });
    expect(file.celsius).toHaveLength(24);
    const shop = shopWith({ kind: 'file', file });
    expect(airAt(outdoorAir(shop, START), START + 31 * HOUR).celsius).toBeCloseTo(13.1, 6);
  });

  it('of a logger that hung in a room holds there, and not outside', () => {
    const warm = courseOf(Array.from({ length: 48 }, () => 27));
    const file = asAirFile(warm, {
      name: 'x',
      comesAgain: false,
      spaceId: 'room',
      stepHours: 1,
    });
    const shop = shopWith({ kind: 'file', file, climate: 'coast' });
    const [room, yard] = shop.spaces;
    if (!room || !yard) throw new Error('No spaces');
    const later = START + 2 * DAY;
    expect(airAt(airIn(shop, room, START), later).celsius).toBeCloseTo(27, 6);
    // A day of March on a damp, cool coast.
    expect(airAt(airIn(shop, yard, START), later).celsius).toBeLessThan(15);
    expect(airAt(outdoorAir(shop, START), later).celsius).toBeLessThan(15);
  });
});

describe('what is expected by hand', () => {
  it('holds for its hours, changes no other hour outside, and the rooms follow it', () => {
    const usual = shopWith({ kind: 'typical', climate: 'continental' });
    const from = START + 30 * HOUR;
    const to = from + 6 * HOUR;
    const frost = {
      from: new Date(from * MS).toISOString(),
      to: new Date(to * MS).toISOString(),
      celsius: -15,
      humidity: 70,
    };
    const told: Shop = { ...usual, air: { ...usual.air, expected: [frost] } };
    const [before, after] = [outdoorAir(usual, START), outdoorAir(told, START)];
    for (let at = START; at < START + 4 * DAY; at += HOUR) {
      const expected = at >= from && at < to ? -15 : airAt(before, at).celsius;
      expect(airAt(after, at).celsius).toBeCloseTo(expected, 6);
    }
    const [room] = usual.spaces;
    if (!room) throw new Error('No room');
    const roomAt = (it: Shop) => airAt(airIn(it, room, START), to).celsius;
    expect(roomAt(told)).toBeLessThan(roomAt(usual) - 1);
  });

  it('the further ahead, the less is known; and never more than the most', () => {
    const [outside] = airAhead(shopWith({ kind: 'typical' }), START, START, 14 * 24);
    const errors = outside?.hours.map((it) => it.error.celsius) ?? [];
    expect(errors.every((it, hour) => hour === 0 || it >= (errors[hour - 1] ?? 0))).toBe(true);
    expect((errors.at(-1) ?? 0) / (errors[0] ?? 1)).toBeGreaterThan(3);
  });
});
