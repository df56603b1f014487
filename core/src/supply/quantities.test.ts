import { asShopCase } from '../testing/asCase';
import { COATINGS, VENEER_CUT } from '../catalog';
import { USUAL_SHOP, facesOf, type Piece } from '../piece';
import { planRoute } from '../route';
import { painted, pieceOf } from '../testing/pieces';
import { needsOf, wornAt, type MaterialNeed } from '../needs';
import { boughtColours, shoppingFor } from './index';

const TABLE = pieceOf({
  template: 'table',
  known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' } },
  aims: { top: painted('white', 'none') },
});
const needsFor = (piece: Piece, shop = USUAL_SHOP): readonly MaterialNeed[] =>
  needsOf([{ piece, route: planRoute(piece, shop) }]);
const needOf = (
  list: readonly MaterialNeed[],
  material: MaterialNeed['material'],
): MaterialNeed | undefined => list.find((it) => it.material === material);

describe('coverage', () => {
  // 1604 ft² to the gallon for a film of one mil: a handbook constant (value from memory).
  it('of a litre is the handbook’s 1604 ft² a gallon and mil', () => {
    const [from] = needOf(needsFor(TABLE), 'cabinetEnamel')?.from ?? [];
    const mils = COATINGS.get('cabinetEnamel').wetUm / 25.4;
    const ft2PerGallon = ((from?.film?.m2PerLitre ?? NaN) * 3.785411784) / 0.09290304;
    expect(ft2PerGallon * mils).toBeCloseTo(1604, -0.5);
  });

  it('tells the area that the drawing has: 1400 × 800 mm and its edges, by brush with a twentieth lost', () => {
    const [from] = needOf(needsFor(TABLE), 'cabinetEnamel')?.from ?? [];
    const m2 = from?.film?.m2 ?? NaN;
    expect(m2).toBeGreaterThan(1.4 * 0.8);
    // Edges of a board up to 30 mm thick.
    expect(m2).toBeLessThan(1.4 * 0.8 + 2 * (1.4 + 0.8) * 0.03);
    expect(from?.film?.transfer).toBe(0.95);
    expect(from?.quantity).toBeCloseTo(m2 / (10 * 0.95), 9);
  });
});

describe('abrasives', () => {
  const bare = pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'bare', bleed: 'none' } },
    aims: { top: { kind: 'clear', topcoat: 'waterborne' } },
  });

  it('are discs where there is a machine, sheets where all is done by hand', () => {
    const byHand = { ...USUAL_SHOP, tools: [] };
    const has = (list: readonly MaterialNeed[], kind: string) =>
      list.some((it) => new RegExp(`^${kind}\\d`).test(it.material));
    expect(has(needsFor(bare), 'discs')).toBe(true);
    expect(has(needsFor(bare, byHand), 'discs')).toBe(false);
    expect(has(needsFor(bare, byHand), 'paper')).toBe(true);
  });

  it('are used up sooner by a film and by resin', () => {
    const sheets = (wood: string) => {
      const piece = pieceOf({
        template: 'table',
        known: { top: { substrate: 'softwood', wood, finish: 'bare', bleed: 'none' } },
        aims: { top: painted('pale', 'none') },
      });
      return needsFor(piece, { ...USUAL_SHOP, tools: [] })
        .filter((it) => it.material.startsWith('paper'))
        .reduce((sum, it) => sum + it.quantity, 0);
    };
    expect(sheets('knotty')).toBeGreaterThan(sheets('paintGrade'));
  });
});

describe('tape', () => {
  it('goes by the length of the border as it is drawn, and a tenth more for the corners', () => {
    const piece = pieceOf({
      template: 'table',
      known: {
        top: { substrate: 'hardwood', wood: 'pale', finish: 'bare', bleed: 'none' },
        apron: { substrate: 'hardwood', wood: 'pale', finish: 'varnish', bleed: 'none' },
      },
      aims: { top: { kind: 'clear', topcoat: 'waterborne' }, apron: painted('pale', 'none') },
    });
    const route = planRoute(piece, USUAL_SHOP);
    const taped = route.tasks.filter((it) => it.method.startsWith('mask-'));
    expect(taped.length).toBeGreaterThan(0);
    const round = (id: string): number =>
      facesOf(piece)
        .filter((it) => it.surfaceId === id)
        .reduce((sum, it) => sum + 2 * (it.width + it.height), 0) / 1000;
    // By hand: a top of 1400 × 800 is 4.4 m round.
    expect(round('top')).toBeCloseTo(4.4, 9);
    const metres = taped.flatMap((it) => it.surfaceIds).reduce((sum, id) => sum + round(id), 0);
    const tape = needOf(needsFor(piece), 'lowTackTape');
    expect(metres).toBeGreaterThanOrEqual(4.4);
    expect(tape?.quantity).toBeCloseTo(metres * 1.1, 6);
  });
});

describe('what is worn', () => {
  // By hand from the rows: gloves an hour, cartridges eight, filters forty.
  it.each([
    { wears: ['nitrileGloves'] as const, minutes: 90, used: { nitrileGloves: 1.5 } },
    {
      wears: ['vapourAndParticle', 'goggles'] as const,
      minutes: 240,
      used: { vapourCartridges: 0.5, p100Filters: 0.1 },
    },
    { wears: ['ventilation', 'noFlame'] as const, minutes: 60, used: {} },
    // Two that are one filter are worn once.
    {
      wears: ['p100Filter', 'p100Respirator'] as const,
      minutes: 2400,
      used: { p100Filters: 1 },
    },
  ])('$wears for $minutes min', ({ wears, minutes, used }) => {
    const worn = wornAt([{ protection: wears }], minutes);
    expect(Object.fromEntries(worn.map((it) => [it.material, it.quantity]))).toEqual(used);
  });
});

it('three waterborne coats wear out a roller sleeve, each of shellac one', () => {
  const route = planRoute(TABLE, USUAL_SHOP);
  const coats = route.operations.filter((it) => it.coating !== null);
  const shellac = coats.filter((it) => /shellac/i.test(it.title)).length;
  const sleeves = needOf(needsFor(TABLE), 'rollerSleeves')?.quantity;
  expect(sleeves).toBeCloseTo((coats.length - shellac) / 3 + shellac, 9);
});

describe('what somebody says', () => {
  const reckoned = needOf(needsFor(TABLE), 'cabinetEnamel');
  const enough = reckoned?.reckoned ?? NaN;
  const own = {
    material: 'cabinetEnamel' as const,
    colour: reckoned?.colour ?? null,
    reckoned: enough,
    said: 2 * enough,
  };

  it('stands in place of the reckoning, which stays to be seen', () => {
    const need = needOf(needsFor({ ...TABLE, ownNeeds: [own] }), 'cabinetEnamel');
    expect(need?.quantity).toBeCloseTo(2 * enough, 9);
    expect(need?.reckoned).toBeCloseTo(enough, 9);
  });

  it('is about that colour only, and nothing else', () => {
    const other = { ...TABLE, ownNeeds: [{ ...own, colour: '#010203' }] };
    expect(needsFor(other)).toEqual(needsFor(TABLE));
  });
});

describe('a list to buy by', () => {
  it('has what is wanted for touching up beyond the need', () => {
    const line = (touchUp: number) =>
      shoppingFor(
        asShopCase([TABLE], {
          ...USUAL_SHOP,
          touchUps: touchUp
            ? [{ material: 'cabinetEnamel', colour: '#f4f1e8', quantity: touchUp }]
            : [],
        }),
        '2026-03-02',
      ).lines.find((it) => it.material === 'cabinetEnamel');
    expect(line(1)?.missing).toBeCloseTo((line(0)?.missing ?? NaN) + 1, 9);
    expect(line(1)?.needed).toBe(line(0)?.needed);
  });

  it('goes by the shop’s own prices, and says where it has none', () => {
    const prices = [
      { material: 'cabinetEnamel' as const, containers: [{ size: 0.75, price: 1999 }] },
    ];
    const list = shoppingFor(asShopCase([TABLE], { ...USUAL_SHOP, prices }), '2026-03-02');
    const enamel = list.lines.find((it) => it.material === 'cabinetEnamel');
    expect(enamel?.placeholder).toBe(false);
    expect(enamel?.bought.every((it) => it.size === 0.75 && it.price === 1999)).toBe(true);
    expect(list.lines.filter((it) => it.placeholder).length).toBe(list.lines.length - 1);
    expect(list.cost).toBe(list.lines.reduce((sum, it) => sum + it.cost, 0));
  });

  it('names the fittings that are replaced or missing, not those that stay', () => {
    const fitting = (told: Partial<Piece['hardware'][number]>) => ({
      id: 'h',
      kind: 'pull' as const,
      name: '',
      count: 6,
      missing: 0,
      holeSpacingMm: 96,
      bag: '',
      disposition: 'clean' as const,
      replacement: null,
      priceEach: null,
      got: false,
      note: '',
      ...told,
    });
    const hardware = [
      fitting({ id: 'new', disposition: 'replace' }),
      fitting({ id: 'one', kind: 'lock', count: 3, missing: 1 }),
      fitting({ id: 'old' }),
      fitting({ id: 'elsewhere', disposition: 'reuse', missing: 2 }),
    ];
    const list = shoppingFor(asShopCase([{ ...TABLE, hardware }], USUAL_SHOP), '2026-03-02');
    expect(list.fittings.map((it) => [it.hardwareId, it.count, it.because])).toEqual([
      ['new', 6, 'replaced'],
      ['one', 1, 'missing'],
    ]);
  });
});

describe('veneer', () => {
  const table = pieceOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'bare', bleed: 'none' } },
    aims: { top: { kind: 'veneered', topcoat: 'waterborne' } },
  });
  const needs = needsFor(table);

  it('is bought by the sheet that its face is cut from, with a band round its edges', () => {
    const sheet = needOf(needs, 'veneerSheet');
    // 1400 × 800 and its overhang fit a sheet of 1220 × 2440 mm, not one of 610.
    expect(800 + 2 * VENEER_CUT.overhangMm).toBeGreaterThan(610);
    expect(sheet?.cut?.sheets).toHaveLength(1);
    expect(sheet?.cut?.format).toMatchObject({ widthMm: 1220, lengthMm: 2440 });
    expect(sheet?.quantity).toBeCloseTo(1.22 * 2.44, 2);
    // 2 × (1.4 + 0.8) m and a tenth more.
    expect(needOf(needs, 'edgeBand')?.quantity).toBeCloseTo(4.84, 6);
  });
});

describe('a can that stands in the shop already', () => {
  it('can be told in every colour that a route asks for, so that it is found on the shelf', () => {
    const schemes = [
      painted('white'),
      painted('pale'),
      painted('mid'),
      painted('dark'),
      { kind: 'stained' as const, shade: 'mid' as const, topcoat: 'waterborne' as const },
      { kind: 'stained' as const, shade: 'dark' as const, topcoat: 'oil' as const },
    ];
    for (const scheme of schemes) {
      for (const wood of ['ringPorous', 'redTropical'] as const) {
        const piece = pieceOf({
          template: 'table',
          known: { top: { substrate: 'hardwood', wood, finish: 'bare' } },
          aims: { top: scheme },
        });
        for (const { material, colour } of needsFor(piece)) {
          if (colour === null) continue;
          expect([material, boughtColours(material)]).toEqual([
            material,
            expect.arrayContaining([colour]),
          ]);
        }
      }
    }
  });
});
