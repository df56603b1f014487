import fc from 'fast-check';
import { weekFromText, weekInText, type DayPart } from './index';

const part = fc
  .tuple(fc.integer({ min: 0, max: 1430 }), fc.integer({ min: 1, max: 600 }))
  .map(([from, length]): DayPart => ({ from, to: Math.min(1440, from + length) }));

describe('the hours of a week in one line', () => {
  it('read again are the same', () => {
    const week = fc.array(fc.array(part, { maxLength: 3 }), { minLength: 7, maxLength: 7 });
    fc.assert(
      fc.property(week, (it) => {
        expect(weekFromText(weekInText(it))).toEqual({ ok: true, value: it });
      }),
    );
  });

  it('are read as people write them', () => {
    const read = weekFromText(' mon–fri 18-21.30 ; Saturday 9:00 - 12:00, 13 - 17');
    expect(read).toMatchObject({ ok: true });
    if (!read.ok) return;
    expect(read.value[0]).toEqual([{ from: 1080, to: 1290 }]);
    expect(read.value[4]).toEqual(read.value[0]);
    expect(read.value[5]).toEqual([
      { from: 540, to: 720 },
      { from: 780, to: 1020 },
    ]);
    expect(read.value[6]).toEqual([]);
  });

  it.each(['Mon', 'Fri-Mon 9-17', 'Mon 17-9', 'Mon 9-25', 'Mon 9:70-10', 'Noday 9-10'])(
    '“%s” is told how to be written',
    (text) => {
      expect(weekFromText(text)).toMatchObject({
        ok: false,
        problems: [{ message: expect.stringContaining('Write it like: Mon-Fri 18:00-21:30') }],
      });
    },
  );
});
