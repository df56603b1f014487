import { methodsIn, stepIn } from '../testing/routes';
import { tollFor, whatIfsFor } from '../testing/asCase';
import type { Tool } from '../catalog';
import { hardware, shop as shopSchema, type Piece, type Scheme } from '../piece';
import { applyChange } from '../ledger';
import { allAims, clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { advance, type PieceState } from '../work';
import { byPhase, planRoute, stateAsFound, type Operation, type Route } from './index';

// Tools, two coats on one piece, fittings, and what has to come out of the wood (common practice,
// no source).

const shopWith = (tools: readonly Tool[], schools: Record<string, string> = {}) =>
  shopSchema.parse({ tools, schools });
const USUAL: readonly Tool[] = ['sander', 'extractor', 'heatGun'];
const routeOf = (
  told: Told,
  tools: readonly Tool[] = USUAL,
  schools: Record<string, string> = {},
): Route => planRoute(pieceOf(told), shopWith(tools, schools));
const at = (route: Route, it: Operation): number => route.operations.indexOf(it);

const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish', bleed: 'none' };
const knownAll = (template: 'table' | 'chest', known: Record<string, string>) =>
  Object.fromEntries(Object.keys(allAims(template, painted())).map((it) => [it, known]));
const tableAs = (scheme: Scheme, rest: Told = {}): Told => ({
  template: 'table',
  known: knownAll('table', OAK),
  aims: allAims('table', scheme),
  ...rest,
});

describe('tools', () => {
  it('without a sander everything is sanded by hand, and takes longer', () => {
    const [by, without] = [routeOf(tableAs(stained())), routeOf(tableAs(stained()), ['extractor'])];
    expect(stepIn(without, 'sand-ladder', 'top').title).toMatch(/by hand/);
    expect(stepIn(by, 'sand-ladder', 'top').title).not.toMatch(/by hand/);
    expect(without.minutes).toBeGreaterThan(by.minutes);
  });

  it('without extraction no machine goes on old paint', () => {
    const old = tableAs(stained(), { known: knownAll('table', { ...OAK, finish: 'latex' }) });
    expect(stepIn(routeOf(old, ['sander']), 'sand-ladder', 'top').title).toMatch(/by hand/);
    expect(stepIn(routeOf(old), 'sand-ladder', 'top').title).not.toMatch(/by hand/);
  });

  it('with a gun waterborne coats are sprayed on a big piece: fewer minutes, more paint', () => {
    const gun = [...USUAL, 'sprayer'] as const;
    const big = tableAs(painted('mid'), { measures: { width: 2400, depth: 1100 } });
    const [rolled, sprayed] = [USUAL, gun].map((tools) => tollFor(pieceOf(big), shopWith(tools)));
    expect(sprayed?.minutes).toBeLessThan(rolled?.minutes ?? NaN);
    expect(sprayed?.money).toBeGreaterThan(rolled?.money ?? NaN);
    const coat = stepIn(routeOf(big, gun), 'coat-cabinetEnamel');
    expect(coat.sprayed).toBe(true);
    const [first, second] = routeOf(big, gun).operations.filter(
      (it) => it.method === 'coat-cabinetEnamel',
    );
    // Passes cross on the next coat; sprayed steps know no roller.
    expect(first?.how.join(' ')).toMatch(/passes along the length/);
    expect(second?.how.join(' ')).toMatch(/crosses the one before/);
    expect(coat.how.join(' ')).toMatch(/test panel/);
    expect(coat.how.join(' ')).not.toMatch(/roller|brush marks/i);
    expect(coat.protection).toContain('Organic-vapour cartridges');
  });

  it('shellac and oil are never sprayed, nor is a small piece', () => {
    const gun = [...USUAL, 'sprayer'] as const;
    const bleeding = tableAs(painted('white'), {
      known: knownAll('table', { ...OAK, bleed: 'tannin' }),
      measures: { width: 2400, depth: 1100 },
    });
    expect(stepIn(routeOf(bleeding, gun), 'prime-pigmentedShellac').sprayed).toBe(false);
    const small: Told = { template: 'stool', aims: allAims('stool', painted('mid')) };
    expect(routeOf(small, gun).operations.some((it) => it.sprayed)).toBe(false);
  });

  it('without a heat gun heat is no way to strip', () => {
    const heat = tableAs(clear(), { wish: 'heat' });
    expect(methodsIn(routeOf(heat))).toContain('strip-heat');
    const without = routeOf(heat, ['sander', 'extractor']);
    expect(methodsIn(without)).not.toContain('strip-heat');
    expect(without.refusals[0]?.because).toMatch(/this shop has none/);
  });

  it('what each would change is told, and only where it changes something', () => {
    const all = whatIfsFor(pieceOf(tableAs(stained())), shopWith(USUAL));
    expect(all.find((it) => it.id === 'sander')?.title).toBe('Without a random-orbit sander');
    expect(all.find((it) => it.id === 'sander')?.minutes).toBeGreaterThan(0);
    const ids = all.map((it) => it.id);
    expect(ids).not.toContain('heatGun');
  });
});

describe('a wooden top on a painted body', () => {
  const twoTone: Told = {
    ...tableAs(painted('mid')),
    aims: { ...allAims('table', painted('mid')), top: clear() },
  };

  it.each([
    ['bodyFirst', 'coat-cabinetEnamel', 'coat-waterClear'],
    ['topFirst', 'coat-waterClear', 'coat-cabinetEnamel'],
  ] as const)('%s: one side is coated, then the other, with tape between', (faces, first, then) => {
    const route = routeOf(twoTone, USUAL, { faces });
    const side = faces === 'bodyFirst' ? 'legs' : 'top';
    const other = faces === 'bodyFirst' ? 'top' : 'legs';
    const masks = route.operations.filter((it) => it.method === 'mask-border');
    expect(masks).toHaveLength(2);
    const [before, between] = masks as [Operation, Operation];
    expect(before.surfaceIds).toContain(other);
    expect(between.surfaceIds).toContain(side);
    const firsts = route.operations.filter(
      (it) => it.method === first && it.surfaceIds.includes(side),
    );
    const thens = route.operations.filter(
      (it) => it.method === then && it.surfaceIds.includes(other),
    );
    expect(at(route, before)).toBeLessThan(at(route, firsts[0] as Operation));
    expect(at(route, firsts.at(-1) as Operation)).toBeLessThan(at(route, between));
    expect(at(route, between)).toBeLessThan(at(route, thens[0] as Operation));
  });

  it('tape waits until the film is hard: waterborne a day', () => {
    expect(stepIn(routeOf(twoTone), 'harden').wait?.minutes).toBe(24 * 60);
  });

  it('is told in the order of the work: colour and clear of one side, then of the other', () => {
    const stainedTop = { ...twoTone, aims: { ...twoTone.aims, top: stained() } };
    const route = routeOf(stainedTop);
    const phases = byPhase(route).map((it) => it.phase);
    expect(phases.slice(-6)).toEqual([
      'colour',
      'protect',
      'colour',
      'protect',
      'reassemble',
      'handover',
    ]);
    expect(byPhase(route).flatMap((it) => it.operations)).toEqual(route.operations);
  });

  it('what comes out, comes off or is out of sight needs no tape', () => {
    const chest: Told = {
      template: 'chest',
      known: knownAll('chest', OAK),
      aims: { ...allAims('chest', painted('mid')), top: clear() },
    };
    const taped = routeOf(chest)
      .operations.filter((it) => it.method === 'mask-border')
      .flatMap((it) => it.surfaceIds);
    expect(new Set(taped)).toEqual(new Set(['top', 'left', 'right', 'frame', 'legs']));
  });

  it('that is refused on one side needs none either: there is but one coat left', () => {
    const printed: Told = {
      ...twoTone,
      known: { ...knownAll('table', OAK), top: { substrate: 'foil', finish: 'factory' } },
    };
    const route = routeOf(printed);
    expect(route.refusals).toMatchObject([{ rule: 'no-stain-on-print', surfaceIds: ['top'] }]);
    expect(methodsIn(route)).not.toContain('mask-border');
  });

  it('one coat on all needs no tape', () => {
    expect(methodsIn(routeOf(tableAs(painted('mid'))))).not.toContain('mask-border');
  });
});

describe('what comes off goes on again', () => {
  it('even where the aim of the faces is refused, and a back too', () => {
    const route = routeOf({
      template: 'chest',
      known: { fronts: { substrate: 'foil', finish: 'factory' }, back: OAK },
      found: { back: ['splitBack'] },
      aims: { fronts: stained(), back: painted('mid') },
    });
    expect(route.refusals).toMatchObject([{ blocks: true, surfaceIds: ['fronts'] }]);
    expect(methodsIn(route)).toEqual(
      expect.arrayContaining([
        'drawers-out',
        'hardware-off',
        'back-off',
        'drawers-in',
        'hardware-on',
        'back-on',
      ]),
    );
  });
});

describe('one refusal', () => {
  it('speaks for all surfaces that are refused for the same reason', () => {
    const foil = { substrate: 'foil', finish: 'factory' };
    const { refusals } = routeOf({
      template: 'table',
      known: { top: foil, apron: foil, legs: foil },
      aims: { top: stained(), apron: stained(), legs: clear() },
    });
    expect(refusals.map((it) => [it.title, it.surfaceIds])).toEqual([
      ['No stain on the top and apron', ['top', 'apron']],
      ['No clear finish over bare wood on the legs', ['legs']],
    ]);
  });
});

describe('an aim that changes on the way', () => {
  const done = (piece: Piece, count: number) =>
    planRoute(piece, shopWith(USUAL))
      .tasks.slice(0, count)
      .reduce(advance, stateAsFound(piece, shopWith(USUAL)));
  const work = (piece: Piece, state: PieceState) =>
    planRoute(piece, shopWith(USUAL), { state })
      .tasks.filter((it) => it.surfaceIds.includes('top'))
      .map((it) => it.method);
  const aimed = (scheme: Scheme) =>
    pieceOf({ template: 'table', known: { top: OAK }, aims: { top: scheme }, wish: 'sand' });
  const upTo = (piece: Piece, method: string) =>
    planRoute(piece, shopWith(USUAL)).tasks.findIndex((it) => it.method === method) + 1;

  it('finds a face stripped, and does not strip it again', () => {
    const stripped = done(aimed(clear()), upTo(aimed(clear()), 'strip-sand'));
    expect(work(aimed(clear()), stripped)[0]).toBe('sand-ladder');
    // To be painted after all: bare wood is sanded for paint, not scuffed as if the film lay there.
    const painting = work(aimed(painted('mid')), stripped);
    expect(painting.slice(0, 3)).toEqual(['sand-ladder', 'dedust', 'prime-acrylic']);
  });

  it('finds another colour, dulls it, and goes over it', () => {
    const piece = aimed(painted('mid'));
    const red = done(piece, upTo(piece, 'coat-cabinetEnamel'));
    const blue = work(
      aimed({ kind: 'painted', shade: 'mid', colour: '#224488', topcoat: 'none' }),
      red,
    );
    expect(blue.slice(0, 2)).toEqual(['dull', 'coat-cabinetEnamel']);
  });

  it('finds paint where wood is to be seen, and takes it off', () => {
    const piece = aimed(painted('mid'));
    const red = done(piece, upTo(piece, 'coat-cabinetEnamel'));
    expect(work(aimed(clear()), red)[0]).toMatch(/^strip-/);
  });
});

describe('fittings', () => {
  const chest = (disposition: string, scheme: Scheme, holeSpacingMm: number | null = 64): Route =>
    planRoute(
      {
        ...pieceOf({
          template: 'chest',
          known: knownAll('chest', OAK),
          aims: allAims('chest', scheme),
        }),
        hardware: [
          hardware.parse({ id: 'pull-1', kind: 'pull', count: 6, holeSpacingMm, disposition }),
        ],
      },
      shopWith(USUAL),
    );

  it('replaced: old holes filled and flushed, new ones drilled before the coats', () => {
    const route = chest('replace', painted('mid'));
    expect(stepIn(route, 'fill-old-holes').title).toMatch(/12 old screw holes/);
    expect(stepIn(route, 'fill-old-holes').materials.join()).toMatch(/polyester/);
    const order = ['fill-old-holes', 'flush-fill', 'drill-new-holes', 'prime-acrylic'].map((it) =>
      at(route, stepIn(route, it)),
    );
    expect(order).toEqual([...order].sort((a, b) => a - b));
  });

  it('replaced where the wood is seen: filler that takes stain, and it may show', () => {
    const fill = stepIn(chest('replace', clear()), 'fill-old-holes');
    expect(fill.materials.join()).toMatch(/[Ss]tainable/);
    expect(fill.risks.map((it) => it.kind)).toContain('repairShows');
  });

  it('come off and go on again, whatever they are: casters and locks too', () => {
    const table = pieceOf({ template: 'table', aims: allAims('table', painted('mid')) });
    const route = planRoute(
      {
        ...table,
        hardware: [
          hardware.parse({ id: 'casters', kind: 'caster', count: 4 }),
          hardware.parse({ id: 'lock', kind: 'lock', count: 1 }),
        ],
      },
      shopWith(USUAL),
    );
    expect(stepIn(route, 'hardware-off').title).toBe('Take off 4 casters and 1 lock');
    expect(stepIn(route, 'hardware-on').title).toBe('Put 4 casters and 1 lock back');
    expect(at(route, stepIn(route, 'hardware-off'))).toBeLessThan(
      at(route, stepIn(route, 'scuff')),
    );
  });

  it('are counted by the list where there is one, else by what such a piece usually has', () => {
    // A chest of four drawers with two pulls each has eight; the list says six.
    const listed = stepIn(chest('keep', painted('mid')), 'hardware-off');
    expect(listed.title).toBe('Take off 6 pulls');
    expect(listed.minutes).toBe(4 + 2 * 6);
    const usual = stepIn(
      routeOf({ template: 'chest', aims: allAims('chest', painted('mid')) }),
      'hardware-off',
    );
    expect(usual.title).toBe('Take off 8 pulls');
  });

  it('of unknown spacing: nothing is drilled on a guess', () => {
    expect(methodsIn(chest('replace', painted('mid'), null))).not.toContain('drill-new-holes');
  });

  it('cleaned or repainted: away from the wood, as soon as they are off', () => {
    expect(stepIn(chest('clean', painted('mid')), 'polish-fittings').phase).toBe('dismantle');
    expect(stepIn(chest('repaint', painted('mid')), 'repaint-fittings').cautions).not.toEqual([]);
  });
});

describe('what has to come out or off first', () => {
  it('colour on the rag: washed out in rounds, dried overnight, then shut in', () => {
    const route = routeOf(tableAs(painted('white'), { found: { top: ['weepsColour'] } }));
    const wash = stepIn(route, 'extractive-wash');
    expect(wash.how.join(' ')).toMatch(/three at most/);
    expect(wash.wait?.minutes).toBe(12 * 60);
    expect(at(route, wash)).toBeLessThan(at(route, stepIn(route, 'scuff', 'top')));
    expect(stepIn(route, 'prime-pigmentedShellac').surfaceIds).toEqual(['top']);
  });

  it('on veneer it is wiped with alcohol: no wash', () => {
    const route = routeOf({
      template: 'table',
      known: { top: { ...OAK, substrate: 'veneerCore' } },
      found: { top: ['weepsColour'] },
      aims: { top: painted('white') },
    });
    expect(methodsIn(route)).toContain('extractive-wipe');
    expect(methodsIn(route)).not.toContain('extractive-wash');
  });

  it('cement: chipped off wet, with the limit for silica, before anything abrasive', () => {
    const route = routeOf(tableAs(painted('mid'), { found: { top: ['cementResidue'] } }));
    const off = stepIn(route, 'cement-off');
    expect(off.makesDust).toBe(false);
    expect(off.cautions.map((it) => it.text).join()).toMatch(/0\.05 mg\/m³/);
    expect(at(route, off)).toBeLessThan(route.operations.findIndex((it) => it.grits.length > 0));
  });

  it.each([
    ['light', [220, 320]],
    ['usual', [180, 220]],
    ['hard', [120, 180, 220]],
  ] as const)('distressed %s: papers %j', (strength, grits) => {
    const scheme: Scheme = {
      kind: 'painted',
      shade: 'mid',
      topcoat: 'waterborne',
      effect: 'distressed',
      distress: { strength, where: 'edgesAndFields' },
    };
    const rub = stepIn(routeOf(tableAs(scheme)), 'distress');
    expect(rub.grits).toEqual(grits);
    expect(rub.how[0]).toMatch(/places on the flat/);
  });

  it('a patch in veneer under clear is told of, with the motif as a way out', () => {
    const { refusals } = routeOf({
      template: 'table',
      known: { top: { ...OAK, substrate: 'veneerCore' } },
      readings: { top: { 'veneer-thickness': 0.8 } },
      found: { top: ['missingVeneer'] },
      aims: { top: clear() },
    });
    expect(refusals).toMatchObject([{ rule: 'patch-will-show', blocks: false }]);
    expect(refusals[0]?.waysOut.join()).toMatch(/motif/);
  });
});

describe('a piece that is worked otherwise than the shop', () => {
  const piece = pieceOf(tableAs(painted('mid')));
  const every = { ...piece, schools: { betweenCoats: 'always' as const } };

  it('follows its own school, and the shop in all others', () => {
    const own = planRoute(every, shopWith(USUAL));
    expect(own).toEqual(planRoute(piece, shopWith(USUAL, { betweenCoats: 'always' })));
    expect(own.minutes).toBeGreaterThan(planRoute(piece, shopWith(USUAL)).minutes);
  });

  it('is offered the way back, with what it would save, and how to take it', () => {
    const back = whatIfsFor(every, shopWith(USUAL)).find(
      (it) => it.id === 'betweenCoats-whenRough',
    );
    expect(back?.minutes).toBeLessThan(0);
    expect(back?.schools).toEqual({ betweenCoats: 'whenRough' });
    expect(whatIfsFor(every, shopWith(USUAL)).map((it) => it.id)).not.toContain(
      'betweenCoats-always',
    );
  });

  it('a change of it can be taken back', () => {
    const change = { kind: 'work', schools: { faces: 'topFirst' } } as const;
    const after = applyChange(every, change);
    expect(after.ok && after.value.schools).toEqual({ faces: 'topFirst' });
  });
});
