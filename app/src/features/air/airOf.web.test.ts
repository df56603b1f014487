import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { airOf } from './airOf';

const sample = readFileSync(join(__dirname, '../../../../docs/samples/harbour-coast.epw'), 'utf8');

describe('a file of air that somebody chose', () => {
  it('a weather file: the two weeks of the sample, by the sines that its comment states', () => {
    const read = airOf('harbour-coast.epw', sample, 2026);
    if (!read.ok) throw new Error(read.problems[0]?.message);
    const { celsius, humidity, comesAgain, from, stepHours } = read.value;
    expect([celsius.length, stepHours, comesAgain]).toEqual([14 * 24, 1, true]);
    // Its first hour ends at one o’clock, an hour east of Greenwich.
    expect(from).toBe('2026-03-01T23:00:00.000Z');
    // 14:30 of the first day: 8 + 3 cos(−7.5°) + 1.5 sin(54.4°), 82 − 10 cos(−7.5°).
    expect(celsius[14]).toBeCloseTo(12.2, 1);
    expect(humidity[14]).toBe(72);
  });

  it('a logger’s table with commas and °F is read as what it was', () => {
    const table = 'Time;Temp °F;RH %\n2026-03-02T10:00Z;68,0;55\n2026-03-02T12:30Z;50;60\n';
    const read = airOf('logger.csv', table, 2026);
    expect(read.ok && read.value).toMatchObject({
      celsius: [20, 20, 10],
      humidity: [55, 55, 60],
      comesAgain: false,
    });
  });

  it('what is no such file says what is missing, and where', () => {
    const read = airOf('notes.csv', 'Day,Mood\nMonday,good\n', 2026);
    expect(!read.ok && read.problems[0]).toMatchObject({
      path: 'row 1',
      message: expect.stringContaining('Name the columns'),
    });
  });
});
