import { asCase } from '../testing/asCase';
import { DISCOVERIES, MENDS, PROTECTIONS, REMEDIES, type Mend } from '../catalog';
import { NO_SETBACK, USUAL_SHOP, type LogLine, type Piece } from '../piece';
import { planRoute } from '../route';
import { clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { workedTo } from '../testing/worked';
import { disturbs } from '../effect';
import { type Task } from '../work';
import { optionsFor, type Found } from './index';

// What mending a fault can do to lungs, skin and shop, and what keeps it from that: written down by
// hand (common practice of the trade; NIOSH REL for wood dust, 40 CFR 745.85 for lead, from memory).

const OAK = {
  substrate: 'hardwood',
  wood: 'ringPorous',
  finish: 'varnish',
  bleed: 'none',
} as const;
const found = (kind: Found['kind'], surfaceIds = ['top']): Found => ({
  id: 'it',
  kind,
  answer: DISCOVERIES.get(kind).asks?.answers[0]?.id ?? null,
  surfaceIds,
  taskKeys: [],
  place: null,
  note: '',
  at: '2026-03-03T10:00:00Z',
  by: '',
});

/** A painted top with a fault of this kind in its fresh coat. */
const faulty = (mend: Mend, told: Told = {}): Piece => {
  const piece = pieceOf({
    template: 'table',
    known: { top: OAK },
    aims: { top: painted('white') },
    ...told,
  });
  const line: LogLine = {
    of: 'discovery',
    id: 'it',
    at: '2026-03-09T10:00:00Z',
    by: '',
    taskKeys: [],
    surfaceIds: ['top'],
    kind: 'runs',
    remedy: 'levelOut',
    note: '',
    setback: { ...NO_SETBACK, film: 'top', mend },
  };
  return { ...workedTo(piece, USUAL_SHOP, 'top/paint-to-cover/1'), log: [line] };
};

const mendIn = (piece: Piece): Task => {
  const it = planRoute(piece, USUAL_SHOP).tasks.find((one) => one.method.startsWith('mend-'));
  if (!it) throw new Error('Nothing is mended.');
  return it;
};
const worn = (it: Task) => it.protection.map((id) => PROTECTIONS.get(id).label).join(' · ');

type Row = readonly [mend: Mend, wear: readonly RegExp[], said: readonly RegExp[]];
const WEAR: readonly Row[] = [
  ['levelOut', [/mask|P100/], []],
  ['waitAndLevel', [/mask|P100/], []],
  ['spotSeal', [/vapour/i, /gloves/i, /no flame/i], [/rags burn/]],
  ['scrapeBack', [/P100/, /Goggles/, /gloves/i], []],
  ['wipeCraters', [/gloves/i, /no flame/i], [/rags burn/]],
  ['clearBlush', [/vapour/i, /gloves/i, /No flame/i], [/no flame, no spark/]],
  ['wipeBack', [/gloves/i, /no flame/i], [/no flame, no spark/]],
  ['cutFur', [/mask|P100/], []],
  ['touchEdge', [/mask|P100/], []],
  [
    'cleanUpHarm',
    [/P100 respirator/, /overall/i, /gloves/i],
    [/No dry sweeping, no household vacuum/],
  ],
];

describe('mending a fault', () => {
  it.each(WEAR.map(([mend, wear, said]) => ({ mend, wear, said })))(
    '$mend: is worn and said what keeps it from hurting',
    ({ mend, wear, said }) => {
      const task = mendIn(faulty(mend));
      for (const it of wear) expect(worn(task)).toMatch(it);
      const cautions = task.cautions.map((it) => `${it.text} ${it.lastWord}`).join(' ');
      for (const it of said) expect(cautions).toMatch(it);
      for (const it of task.cautions) expect(it.lastWord).toMatch(/last word/);
    },
  );

  it('covers every mend that there is, but the decision, at which nothing is done', () => {
    expect(MENDS.ids.filter((it) => !WEAR.some(([mend]) => mend === it))).toEqual(['decide']);
  });

  const LEADED: Told = {
    years: [1930, 1940],
    seen: { top: ['lead-laboratory:found:1'] },
    known: { top: { ...OAK, finish: 'alkyd' } },
  };
  it.each(MENDS.rows.filter((it) => it.sands).map((it) => it.id))(
    '%s where lead was found is done wet, with a respirator, and makes no dust',
    (mend) => {
      const task = mendIn(faulty(mend, LEADED));
      expect(task.traits.makesDust).toBe(false);
      expect(task.title).toMatch(/wet/);
      expect(task.how[0]?.text).toMatch(/nothing dry/);
      expect(worn(task)).toMatch(/P100 respirator/);
      expect(worn(task)).toMatch(/overall/i);
    },
  );

  it.each(MENDS.rows.filter((it) => it.sands || it.opens).map((it) => it.id))(
    '%s where an older layer turned up waits for the result',
    (mend) => {
      const before = faulty(mend);
      const options = optionsFor(asCase(before, USUAL_SHOP), {
        ...found('suspectLayer'),
        id: 'layer',
      });
      const after = options.find((it) => it.remedy === 'testFirst')?.piece;
      if (!after) throw new Error('No test first.');
      const { tasks } = asCase(after, USUAL_SHOP).route;
      const task = tasks.find((it) => it.method === `mend-${mend}`);
      expect(task?.holds).toContain('lead');
    },
  );
});

describe('ways to go on', () => {
  it('on a child’s piece with lead none that may be taken opens anything', () => {
    const piece = pieceOf({
      template: 'table',
      years: [1930, 1940],
      childsRoom: true,
      known: { top: { ...OAK, finish: 'alkyd' } },
      seen: { top: ['lead-laboratory:found:1'] },
      aims: { top: stained() },
    });
    for (const kind of DISCOVERIES.ids) {
      for (const it of optionsFor(asCase(piece, USUAL_SHOP), found(kind))) {
        if (it.refusals.length > 0) continue;
        const { tasks } = asCase(it.piece, USUAL_SHOP).route;
        const opening = tasks.filter(
          (one) => disturbs(one.traits) && one.surfaceIds.includes('top') && !one.gate,
        );
        expect([kind, it.remedy, opening.map((one) => one.key)]).toEqual([kind, it.remedy, []]);
      }
    }
  });

  it('under white no way brings an oil clear coat, which yellows', () => {
    const piece = workedTo(
      pieceOf({
        template: 'table',
        known: { top: OAK },
        aims: { top: painted('white', 'waterborne') },
      }),
      USUAL_SHOP,
      'top/paint-to-cover/1',
    );
    for (const kind of DISCOVERIES.ids) {
      for (const it of optionsFor(asCase(piece, USUAL_SHOP), found(kind))) {
        const laid = asCase(it.piece, USUAL_SHOP).route.tasks.map(
          (one) => one.traits.lays?.coating,
        );
        expect([kind, it.remedy, laid.includes('oilClear')]).toEqual([kind, it.remedy, false]);
      }
    }
  });

  it('on thin veneer none strips with lye, heat or a coarse machine', () => {
    const piece = workedTo(
      pieceOf({
        template: 'table',
        known: { top: { ...OAK, substrate: 'veneerCore' } },
        readings: { top: { 'veneer-thickness': 0.5 } },
        aims: { top: clear() },
        wish: 'gel',
      }),
      USUAL_SHOP,
      'top/old-finish-comes-off/1',
    );
    for (const kind of DISCOVERIES.ids) {
      for (const it of optionsFor(asCase(piece, USUAL_SHOP), found(kind))) {
        // Made of something else after all: then it is no veneer.
        if (kind === 'otherMaterial') continue;
        for (const one of asCase(it.piece, USUAL_SHOP).route.tasks) {
          if (!one.surfaceIds.includes('top')) continue;
          expect([kind, it.remedy, one.traits.wets === 'caustic' || one.traits.heats]).toEqual([
            kind,
            it.remedy,
            false,
          ]);
          if (one.method === 'sand-ladder')
            expect(Math.min(...one.traits.grits)).toBeGreaterThanOrEqual(80);
        }
      }
    }
  });

  it('each says what it does not do; leaving something as it is never sounds like mending it', () => {
    for (const it of REMEDIES.rows) {
      expect([it.id, it.but.length > 10]).toEqual([it.id, true]);
      if (it.putsUpWithIt) expect(Object.keys(it.does)).toEqual([]);
    }
    expect(REMEDIES.get('leaveIt').but).toMatch(/stays loose/);
    expect(REMEDIES.get('spotSeal').but).toMatch(/may still come/);
  });
});
