import { asCase } from '../testing/asCase';
import fc from 'fast-check';
import { CHECKS, DISCOVERIES, MENDS, REMEDIES, TIMERS, textsOf } from '../catalog';
import { NO_SETBACK, USUAL_SHOP, type LogLine, type Piece } from '../piece';
import { planRoute } from '../route';
import { clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { workedTo } from '../testing/worked';
import {
  beforeAndAfter,
  hardenerShare,
  mixesFor,
  pieceBook,
  plannedAgainstActual,
  potMinutes,
  timerStands,
  timersFor,
} from './index';

const tasksOf = (told: Told) =>
  planRoute(pieceOf({ template: 'table', ...told }), USUAL_SHOP).tasks;
const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish' } as const;

describe('hardener', () => {
  // Common practice of the trade: about 2 % by weight, 1 to 3 %, more is faster (value from memory).
  it.each([
    [20, 0.02],
    [10, 0.03],
    [0, 0.03],
    [30, 0.01],
    [38, 0.01],
    [15, 0.025],
  ])('at %d °C is %d of the mass', (celsius, share) => {
    expect(hardenerShare(celsius)).toBeCloseTo(share, 6);
  });

  it('sets twice as fast with each 10 °C and the same share, and slower with less', () => {
    expect(potMinutes(20)).toBeCloseTo(6, 6);
    expect(potMinutes(30, 0.02)).toBeCloseTo(3, 6);
    expect(potMinutes(10, 0.02)).toBeCloseTo(12, 6);
    expect(potMinutes(20, 0.01)).toBeCloseTo(12, 6);
  });

  it('never leaves 1 to 3 %, in any weather', () => {
    fc.assert(
      fc.property(fc.double({ min: -30, max: 60, noNaN: true }), (celsius) => {
        expect(hardenerShare(celsius)).toBeGreaterThanOrEqual(0.01);
        expect(hardenerShare(celsius)).toBeLessThanOrEqual(0.03);
      }),
    );
  });

  it('is weighed for the filler of a step: 3 holes of 20 g want 1.2 g', () => {
    const filler = { material: 'twoPartFiller', quantity: 0.06, unit: 'kg', why: 'fills' } as const;
    const [mix] = mixesFor(
      [
        {
          method: 'two-part-filler',
          setUp: {},
          consumes: [filler],
          traits: tasksOf({})[0]?.traits ?? ({} as never),
        },
      ],
      20,
    );
    expect(mix).toMatchObject({ kind: 'hardener', baseG: 60, hardenerG: 1.2 });
  });

  it('a wash is mixed one to one, up to three of water; alcohol and water half and half', () => {
    const washed = tasksOf({
      known: { top: OAK },
      aims: { top: { kind: 'washed', shade: 'white', topcoat: 'waterborne' } },
      wish: 'sand',
    });
    const mixes = mixesFor(washed, 20);
    expect(mixes).toContainEqual({
      kind: 'parts',
      parts: [
        { name: 'paint', of: 1 },
        { name: 'water', of: 1 },
      ],
      upTo: 3,
    });
    expect(mixes).toContainEqual({
      kind: 'parts',
      parts: [
        { name: 'alcohol', of: 1 },
        { name: 'water', of: 1 },
      ],
      upTo: null,
    });
  });
});

describe('timers', () => {
  it.each([
    ['gel stripper', { aims: { top: stained() }, wish: 'gel' }, 'gelDwell'],
    [
      'caustic foam',
      { known: { top: { ...OAK, wood: 'pale' } }, aims: { top: clear() }, wish: 'caustic' },
      'lyeDwell',
    ],
    ['stain', { aims: { top: stained() } }, 'stainWipe'],
    ['oil', { aims: { top: clear('hardOil') }, wish: 'sand' }, 'oilSoak'],
    ['wax', { aims: { top: clear('wax') }, wish: 'sand' }, 'waxHaze'],
    ['filler', { aims: { top: painted() }, found: { top: ['gouge'] } }, 'fillerPot'],
    ['glue', { aims: { top: painted() }, found: { top: ['looseJoint'] } }, 'glueOpen'],
  ] as const)('%s is timed', (_, told, timer) => {
    expect(timersFor(tasksOf({ known: { top: OAK }, ...(told as Told) }))).toContain(timer);
  });

  // Gel works 20 to 45 minutes (common practice): set at ten, it rings, and later it is late.
  it.each([
    ['10:24', 'runs'],
    ['10:26', 'rings'],
    ['10:44', 'rings'],
    ['10:46', 'late'],
  ])('gel that was spread at 10:00: at %s it %s', (time, stands) => {
    const it = {
      timer: 'gelDwell' as const,
      at: '2026-03-02T10:00:00Z',
      endsAt: '2026-03-02T10:25:00Z',
      endedAt: null,
    };
    expect(timerStands(it, `2026-03-02T${time}:00Z`)).toBe(stands);
    expect(timerStands({ ...it, endedAt: '2026-03-02T10:30:00Z' }, '2026-03-02T12:00:00Z')).toBe(
      'over',
    );
  });

  it('each says what to look for, and what presses says what to do when it is late', () => {
    for (const row of TIMERS.rows) {
      expect([row.id, /\.$/.test(row.rings)]).toEqual([row.id, true]);
      if (row.lateAfter === null) continue;
      expect([row.id, row.lateAfter > row.minutes]).toEqual([row.id, true]);
      expect([row.id, /\.$/.test(row.late)]).toEqual([row.id, true]);
    }
  });
});

const AT = { at: '2026-03-02T18:00:00Z', by: 'Runa', surfaceIds: ['top'] };

describe('the book of a piece', () => {
  const worked = workedTo(
    pieceOf({ template: 'table', known: { top: OAK }, aims: { top: painted('white') } }),
    USUAL_SHOP,
    'top/paint-to-cover/1',
  );
  const log: readonly LogLine[] = [
    {
      ...AT,
      of: 'used',
      id: 'u',
      taskKeys: ['top/paint-to-cover/1'],
      material: 'cabinetEnamel',
      quantity: 0.15,
      lot: 'K 17',
      containerId: null,
      colour: null,
    },
    {
      ...AT,
      of: 'check',
      id: 'c',
      taskKeys: ['top/paint-to-cover/1'],
      check: 'noBleed',
      answer: 'tint',
      place: null,
      setback: null,
    },
    {
      ...AT,
      of: 'discovery',
      id: 'd',
      taskKeys: [],
      kind: 'bleed',
      remedy: 'sealAndRepaint',
      note: 'Along the left edge.',
      setback: { ...NO_SETBACK, film: 'all' },
    },
    { ...AT, of: 'note', id: 'n', taskKeys: ['top/paint-to-cover/1'], text: 'Second tin opened.' },
  ];
  const picture = (id: string, at: string) => ({ id, surfaceId: 'top', photoId: id, at, note: '' });
  const piece: Piece = {
    ...worked,
    log: [...log],
    pictures: [
      picture('late', '2026-03-09T10:00:00Z'),
      picture('early', '2026-02-20T10:00:00Z'),
      picture('between', '2026-03-01T10:00:00Z'),
    ],
  };
  const shop = { ...USUAL_SHOP, airCelsius: 18, airHumidity: 55 };
  const paper = pieceBook(asCase(piece, shop), {
    number: '12',
    revision: 1,
    printedAt: Date.parse('2026-03-03T12:00:00Z'),
    timeZone: 'UTC',
  });
  const blocks = paper.sections.flatMap((it) => it.blocks);
  const text = blocks.flatMap((it) => it.lines.map((one) => one.text)).join('\n');

  it('tells each step with its day, air, lot, check and note', () => {
    for (const it of worked.done) expect(text).toContain(`2 Mar 2026, 18:00 · ${it.title}`);
    expect(text).toContain('Waterborne cabinet enamel 0.15 L, lot K 17');
    expect(text).toContain('air about 18 °C · 55 %');
    expect(text).toContain('Does any place turn yellow, pink or brown? Yes, a tint comes through.');
    expect(text).toContain('Second tin opened.');
  });

  it('tells what turned up and what was decided', () => {
    expect(text).toMatch(
      /Colour comes through primer or paint[\s\S]*Decided: Seal it with shellac/,
    );
    expect(text).toContain('Along the left edge.');
  });

  it('tells whoever strips it next what lies there, and nothing that is only planned', () => {
    const next = paper.sections.at(-1)?.blocks.flatMap((it) => it.lines.map((one) => one.text));
    expect(next?.join(' ')).toMatch(
      /From the wood up: solid hardwood; old .*; pigmented shellac blocker; pigmented shellac blocker; waterborne cabinet enamel/,
    );
    expect(text).not.toContain('Waterborne clear');
    expect(text.toLowerCase()).not.toMatch(/\bsafe\b/);
  });

  it('shows the first picture of a surface beside the last', () => {
    expect(beforeAndAfter(piece).map((it) => [it.before.id, it.after.id])).toEqual([
      ['early', 'late'],
    ]);
  });
});

describe('planned against actual', () => {
  it('is told by person and kind; what one does says nothing of the other', () => {
    const job = (by: string, kind: string, plannedMinutes: number, actualMinutes: number) => ({
      kind,
      by,
      plannedMinutes,
      actualMinutes,
      doneIds: ['x'],
      endedAt: AT.at,
      title: kind,
    });
    const rows = plannedAgainstActual([
      ...Array.from({ length: 20 }, () => job('Runa', 'sand', 30, 60)),
      ...Array.from({ length: 20 }, () => job('Odo', 'sand', 30, 30)),
    ]);
    const of = (by: string) => rows.find((it) => it.by === by);
    expect(of('Runa')).toMatchObject({ jobs: 20, plannedMinutes: 600, actualMinutes: 1200 });
    expect(of('Runa')?.pace.ratio).toBeGreaterThan(1.8);
    expect(of('Odo')?.pace.ratio).toBeLessThan(1.1);
  });
});

describe('what is written on bench cards', () => {
  it('is whole sentences that call nothing safe', () => {
    const sentences = [
      ...CHECKS.rows.flatMap((it) => it.answers.map((one) => one.then)),
      ...DISCOVERIES.rows.flatMap((it) => [it.now, ...(it.caution ? [it.caution] : [])]),
      ...REMEDIES.rows.flatMap((it) => [it.why, it.but]),
      ...MENDS.rows.flatMap((it) => textsOf(it.how)),
    ];
    for (const it of sentences) {
      expect(it).toMatch(/^[A-Z0-9].*[.]$/);
      expect(it).not.toMatch(/\bsafe\b|  /i);
    }
  });
});
