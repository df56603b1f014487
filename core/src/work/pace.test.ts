import fc from 'fast-check';
import { diceOf, type Dice } from '../dice';
import { doneWork, type DoneWork, type LogLine } from '../piece';
import { activeMinutes, learnPaces, timedIn, type Timed } from './pace';

/** Box and Muller. */
const normal = (dice: Dice): number =>
  Math.sqrt(-2 * Math.log(1 - dice())) * Math.cos(2 * Math.PI * dice());

const KINDS = ['clean', 'strip', 'repair', 'sand', 'block', 'colour', 'protect'];

/** A worker as the model has them: a pace of their own, one of each kind about it, jobs about that. */
const worker = (dice: Dice) => {
  const own = 0.4 * normal(dice);
  const truth = new Map(KINDS.map((kind) => [kind, own + 0.3 * normal(dice)]));
  const job = (kind: string, id: string): Timed => ({
    kind,
    plannedMinutes: 30,
    actualMinutes: 30 * Math.exp((truth.get(kind) ?? 0) + 0.35 * normal(dice)),
    by: 'Runa',
    doneIds: [id],
    endedAt: '2026-03-02T18:00:00Z',
    title: kind,
  });
  return { truth, job };
};

const done = (told: object): DoneWork =>
  doneWork.parse({
    id: 'x',
    taskKey: 'top/scuff/1',
    surfaceIds: ['top'],
    startedAt: '2026-03-02T09:00:00Z',
    endedAt: '2026-03-02T10:00:00Z',
    effect: '{}',
    timed: true,
    planned: { kind: 'sand', minutes: 20 },
    ...told,
  });

describe('minutes of work on record', () => {
  it('are those from beginning to end without the pauses, an open pause included', () => {
    const pauses = [
      { from: '2026-03-02T09:10:00Z', to: '2026-03-02T09:25:00Z' },
      { from: '2026-03-02T09:50:00Z', to: null },
    ];
    expect(activeMinutes(done({ pauses }))).toBe(35);
    expect(activeMinutes(done({ endedAt: null }), '2026-03-02T09:40:00Z')).toBe(40);
  });

  it('tasks done together are one job; what was not begun has no time', () => {
    const [a, b] = [done({ id: 'a' }), done({ id: 'b', planned: { kind: 'sand', minutes: 25 } })];
    expect(timedIn([a, b, done({ id: 'c', timed: false })])).toMatchObject([
      { kind: 'sand', plannedMinutes: 45, actualMinutes: 60 },
    ]);
    expect(timedIn([done({ endedAt: null }), done({ planned: null })])).toEqual([]);
  });
});

describe('a pace', () => {
  it('of which nothing is known is the catalog’s, and honest about it', () => {
    const { of, outliers } = learnPaces([]);
    expect(of('sand').ratio).toBeCloseTo(1, 6);
    expect(of('sand').band[0]).toBeLessThan(0.6);
    expect(of('sand').band[1]).toBeGreaterThan(1.7);
    expect(outliers).toEqual([]);
  });

  // Ground truth: workers drawn by the stated model, seen by nobody but this test.
  it('is in its band for eight of ten synthetic workers, on few jobs and on many', () => {
    const dice = diceOf(7);
    for (const many of [0, 1, 3, 20]) {
      let [inBand, inSingle, all] = [0, 0, 0];
      for (let round = 0; round < 400; round++) {
        const { truth, job } = worker(dice);
        const jobs = KINDS.slice(1).flatMap((kind) =>
          Array.from({ length: Math.max(1, many) }, (_, nth) => job(kind, `${nth}`)),
        );
        const seen = Array.from({ length: many }, (_, nth) => job('clean', `c${nth}`));
        const pace = learnPaces([...jobs, ...seen]).of('clean');
        const was = Math.exp(truth.get('clean') ?? 0);
        const next = job('clean', 'next').actualMinutes / 30;
        all++;
        if (pace.band[0] <= was && was <= pace.band[1]) inBand++;
        if (pace.single[0] <= next && next <= pace.single[1]) inSingle++;
      }
      expect([many, inBand / all >= 0.74 && inBand / all <= 0.86]).toEqual([many, true]);
      expect([many, inSingle / all >= 0.74 && inSingle / all <= 0.86]).toEqual([many, true]);
    }
  });

  it('lies between what its own jobs say and what the others say, and nearer its own the more there are', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 1.2, max: 3, noNaN: true }),
        (count, slow) => {
          const job = (kind: string, ratio: number): Timed => ({
            kind,
            plannedMinutes: 30,
            actualMinutes: 30 * ratio,
            by: '',
            doneIds: [kind],
            endedAt: '2026-03-02T18:00:00Z',
            title: kind,
          });
          const others = Array.from({ length: 30 }, () => job('sand', 1));
          const paceOf = (many: number) =>
            learnPaces([...others, ...Array.from({ length: many }, () => job('strip', slow))]).of(
              'strip',
            );
          const [few, more] = [paceOf(count), paceOf(count + 10)];
          expect(few.ratio).toBeGreaterThan(0.99);
          expect(few.ratio).toBeLessThan(slow);
          expect(more.ratio).toBeGreaterThan(few.ratio);
          expect(more.band[1] / more.band[0]).toBeLessThan(few.band[1] / few.band[0]);
        },
      ),
      { numRuns: 50 },
    );
  });

  it('counts as somebody corrected it afterwards, and not at all where it is no measure', () => {
    const [a, b] = [
      done({ id: 'a' }),
      done({ id: 'b', startedAt: '2026-03-05T10:00:00Z', endedAt: '2026-03-05T18:00:00Z' }),
    ];
    const said = (doneId: string, minutes: number | null): LogLine => ({
      of: 'time',
      id: `said-${doneId}`,
      at: '2026-03-06T10:00:00Z',
      by: '',
      taskKeys: [],
      surfaceIds: [],
      doneIds: [doneId],
      minutes,
    });
    expect(timedIn([a, b], [said('b', 42)]).map((it) => it.actualMinutes)).toContain(42);
    expect(timedIn([a, b], [said('b', null)]).flatMap((it) => it.doneIds)).toEqual(['a']);
  });

  it('one job gone wrong is asked about, and still counts', () => {
    const dice = diceOf(3);
    const { job } = worker(dice);
    const usual = Array.from({ length: 30 }, (_, nth) => job('sand', `${nth}`));
    const odd: Timed = { ...job('sand', 'odd'), actualMinutes: 30 * 40 };
    const { outliers, of } = learnPaces([...usual, odd]);
    expect(outliers.flatMap((it) => it.doneIds)).toContain('odd');
    expect(of('sand').count).toBe(31);
    expect(of('sand').ratio).toBeGreaterThan(learnPaces(usual).of('sand').ratio);
  });
});
