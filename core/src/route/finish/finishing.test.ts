import { comesBefore, methodsIn, stepIn, tableTop } from '../../testing/routes';
import { asCase } from '../../testing/asCase';
import { USUAL_SHOP, shop as shopSchema, type Scheme } from '../../piece';
import { LEAVE, allAims, clear, painted, pieceOf, stained, type Told } from '../../testing/pieces';
import { impossibleSchemes, planRoute, stacksAlong, stateAsFound, type Route } from '..';

// From primer to handover: what careful practice asks for (common practice, no source).

const routeOf = (told: Told, schools: Record<string, string> = {}): Route =>
  planRoute(pieceOf(told), shopSchema.parse({ schools }));

const count = (route: Route, method: string): number =>
  methodsIn(route).filter((it) => it === method).length;
/** Coatings on a surface at the end, bottom up. */
const coats = (told: Told, surfaceId = 'top'): readonly string[] => {
  const piece = pieceOf(told);
  const route = planRoute(piece, USUAL_SHOP);
  const history = stacksAlong(stateAsFound(piece, USUAL_SHOP), route).find(
    (it) => it.surfaceId === surfaceId,
  );
  return (history?.steps.at(-1)?.stack ?? history?.found)?.layers.map((it) => it.layer.id) ?? [];
};

const MAPLE = { substrate: 'hardwood', wood: 'pale', finish: 'lacquer', bleed: 'none' };
const OAK = { substrate: 'hardwood', wood: 'ringPorous', finish: 'lacquer', bleed: 'none' };
const paintedAs = (part: Partial<Extract<Scheme, { kind: 'painted' }>>): Scheme => ({
  kind: 'painted',
  shade: 'mid',
  topcoat: 'waterborne',
  ...part,
});

describe('stain', () => {
  it('on blotchy wood follows a conditioner, on oak it does not', () => {
    expect(
      comesBefore(routeOf(tableTop(MAPLE, stained())), 'coat-conditioner', 'coat-oilStain'),
    ).toBe(true);
    expect(methodsIn(routeOf(tableTop(OAK, stained())))).not.toContain('coat-conditioner');
  });

  it('over wood sealed against old dye is gel', () => {
    const route = routeOf(tableTop({ ...OAK, bleed: 'dye' }, stained()));
    expect(methodsIn(route)).toContain('coat-gelStain');
    expect(methodsIn(route)).not.toContain('coat-oilStain');
    expect(comesBefore(route, 'prime-clearShellac', 'coat-gelStain')).toBe(true);
  });

  it('over sealed wood takes no oil that has to soak in (common practice, no source)', () => {
    const told = tableTop({ ...OAK, bleed: 'dye' }, stained('hardOil'));
    const route = routeOf(told);
    expect(methodsIn(route)).not.toContain('coat-hardOil');
    expect(methodsIn(route)).toContain('coat-waterClear');
    expect(routeOf(told).refusals).toMatchObject([
      { rule: 'topcoat-that-would-fail', surfaceIds: ['top'] },
    ]);
    // Nothing seals this one.
    expect(methodsIn(routeOf(tableTop(OAK, stained('hardOil'))))).toContain('coat-hardOil');
  });

  it('comes before any clear coat, and its rags are warned of', () => {
    const route = routeOf(tableTop(OAK, stained('oil')));
    expect(comesBefore(route, 'coat-oilStain', 'coat-oilClear')).toBe(true);
    expect(
      stepIn(route, 'coat-oilStain')
        .cautions.map((it) => it.text)
        .join(),
    ).toMatch(/ignite/);
  });
});

describe('paint', () => {
  it('covers in two coats where mid or dark, and white over a clear blocker that ends white', () => {
    for (const shade of ['mid', 'dark'] as const) {
      expect(count(routeOf(tableTop(OAK, painted(shade))), 'coat-cabinetEnamel')).toBe(2);
    }
    const bleeds = tableTop({ ...OAK, bleed: 'tannin' }, painted('white'));
    const over = (blocker: string) => count(routeOf(bleeds, { blocker }), 'coat-cabinetEnamel');
    expect(over('clear')).toBe(over('pigmented'));
    // The last coat of the blocker shows what still bleeds, and hides the wood.
    expect(methodsIn(routeOf(bleeds, { blocker: 'clear' }))).toEqual(
      expect.arrayContaining(['prime-clearShellac', 'prime-pigmentedShellac']),
    );
    // White would show at every edge that is rubbed through; there the wood is left to be covered.
    const rubbed = tableTop(
      { ...OAK, bleed: 'tannin' },
      paintedAs({ shade: 'white', effect: 'distressed' }),
    );
    expect(methodsIn(routeOf(rubbed))).not.toContain('prime-pigmentedShellac');
    expect(count(routeOf(rubbed), 'coat-cabinetEnamel')).toBeGreaterThan(over('pigmented'));
  });

  it('lies over grey primer where that saves a coat', () => {
    const route = routeOf(tableTop(OAK, paintedAs({ colour: '#b66f4d' })));
    expect(stepIn(route, 'prime-acrylic').how.join()).toMatch(/tinted grey/);
    expect(count(route, 'coat-cabinetEnamel')).toBe(2);
    expect(stepIn(route, 'coat-cabinetEnamel').title).toMatch(/Clay pot, coat 1/);
  });

  it('hardens a day before it is sanded, however soon it could be coated', () => {
    const route = routeOf(tableTop(OAK, painted('mid')));
    const [first, last] = route.operations.filter((it) => it.method === 'coat-cabinetEnamel');
    expect(first?.wait?.minutes).toBeLessThan(8 * 60);
    expect(last?.wait?.minutes).toBeGreaterThanOrEqual(16 * 60);
  });

  it('is of the class that was asked for', () => {
    expect(methodsIn(routeOf(tableTop(OAK, paintedAs({ paint: 'mineralPaint' }))))).toContain(
      'coat-mineralPaint',
    );
  });

  it.each([
    ['glazed', 'coat-glaze'],
    ['washed', 'coat-wash'],
    ['dryBrushed', 'coat-dryBrush'],
    ['distressed', 'distress'],
  ] as const)('%s: the effect on dry paint, below the clear coat', (effect, method) => {
    const route = routeOf(tableTop(OAK, paintedAs({ effect })));
    expect(comesBefore(route, 'coat-cabinetEnamel', method)).toBe(true);
    expect(comesBefore(route, method, 'coat-waterClear')).toBe(true);
  });

  it('is not rubbed through where lead lies below', () => {
    const told = tableTop({ ...OAK, finish: 'alkyd' }, paintedAs({ effect: 'distressed' }), {
      years: [1930, 1935],
      seen: { top: ['lead-laboratory:found:1'] },
      readings: { top: { 'layer-count': 1 } },
    });
    expect(methodsIn(routeOf(told))).not.toContain('distress');
  });

  it('has its open joints caulked after the primer, before the colour', () => {
    const route = routeOf(tableTop(OAK, painted(), { found: { top: ['jointGap'] } }));
    expect(comesBefore(route, 'prime-acrylic', 'caulk')).toBe(true);
    expect(comesBefore(route, 'caulk', 'coat-cabinetEnamel')).toBe(true);
    expect(
      methodsIn(routeOf(tableTop(OAK, clear(), { found: { top: ['jointGap'] } }))),
    ).not.toContain('caulk');
  });
});

describe('grain', () => {
  it('of open-pored wood is filled below primer, or after the stain; pale wood needs none', () => {
    const paint = routeOf(tableTop({ ...OAK, finish: 'bare' }, paintedAs({ grain: 'filled' })));
    expect(comesBefore(paint, 'coat-grainFiller', 'prime-acrylic')).toBe(true);
    const stain = routeOf(
      tableTop(OAK, { kind: 'stained', shade: 'mid', topcoat: 'waterborne', grain: 'filled' }),
    );
    expect(comesBefore(stain, 'coat-oilStain', 'coat-grainFiller')).toBe(true);
    expect(comesBefore(stain, 'coat-grainFiller', 'coat-waterClear')).toBe(true);
    const pale = routeOf(tableTop(MAPLE, { kind: 'clear', topcoat: 'oil', grain: 'filled' }));
    expect(methodsIn(pale)).not.toContain('coat-grainFiller');
  });
});

describe('a wash over wood', () => {
  it('goes on bare wood, and on clear shellac where the wood bleeds', () => {
    const wash: Scheme = { kind: 'washed', shade: 'pale', topcoat: 'waterborne' };
    expect(coats(tableTop(OAK, wash))).toEqual([
      'hardwood',
      'wash',
      'waterClear',
      'waterClear',
      'waterClear',
    ]);
    expect(coats(tableTop({ ...OAK, bleed: 'tannin' }, wash)).slice(0, 4)).toEqual([
      'hardwood',
      'clearShellac',
      'clearShellac',
      'wash',
    ]);
  });
});

describe('new veneer', () => {
  const veneer: Scheme = { kind: 'veneered', shade: 'mid', topcoat: 'waterborne' };

  it('makes stained wood of a printed face', () => {
    const told = tableTop({ substrate: 'foil', finish: 'factory' }, veneer);
    expect(routeOf(told).refusals).toEqual([]);
    expect(coats(told)).toEqual([
      'foil',
      'factory',
      'veneerCore',
      'oilStain',
      'waterClear',
      'waterClear',
      'waterClear',
    ]);
  });

  it('is refused on turned parts, and on lead', () => {
    expect(
      routeOf({ template: 'table', aims: { legs: veneer }, known: { legs: OAK } }).refusals,
    ).toMatchObject([{ rule: 'no-veneer-here', blocks: true }]);
    const leaded = tableTop({ ...OAK, finish: 'alkyd' }, veneer, {
      years: [1930, 1935],
      seen: { top: ['lead-laboratory:found:1'] },
      readings: { top: { 'layer-count': 1 } },
    });
    expect(routeOf(leaded).refusals).toMatchObject([{ rule: 'no-veneer-here', blocks: true }]);
  });
});

describe('the topcoat', () => {
  it('is three coats on the top, two on the legs, one underneath', () => {
    const route = routeOf({
      template: 'table',
      known: { top: OAK, legs: OAK, underside: OAK },
      aims: { top: clear(), legs: clear(), underside: clear() },
      wish: 'gel',
    });
    const on = (surfaceId: string) =>
      route.operations.filter(
        (it) => it.method === 'coat-waterClear' && it.surfaceIds.includes(surfaceId),
      ).length;
    expect([on('top'), on('legs'), on('underside')]).toEqual([3, 2, 1]);
  });

  it('follows the wear that was given, and its sheen', () => {
    const route = routeOf(
      tableTop(OAK, { kind: 'clear', topcoat: 'oil', wear: 'low', sheen: 'G6' }),
    );
    expect(count(route, 'coat-oilClear')).toBe(1);
    expect(stepIn(route, 'coat-oilClear').title).toMatch(/gloss/);
  });

  it('finds paint dulled, but not a glaze, which that would rub off', () => {
    expect(comesBefore(routeOf(tableTop(OAK, paintedAs({}))), 'dull', 'coat-waterClear')).toBe(
      true,
    );
    const glazed = routeOf(tableTop(OAK, paintedAs({ effect: 'glazed' })));
    expect(methodsIn(glazed).slice(methodsIn(glazed).indexOf('coat-glaze'))).not.toContain('dull');
  });

  it.each([
    ['oil-based clear over white paint', painted('white', 'oil')],
    ['penetrating oil over paint', painted('dark', 'hardOil')],
  ])('%s is refused, and waterborne clear planned', (_, scheme) => {
    const route = routeOf(tableTop(OAK, scheme));
    expect(route.refusals).toMatchObject([{ rule: 'topcoat-that-would-fail', blocks: false }]);
    expect(methodsIn(route)).toContain('coat-waterClear');
  });

  it('of wax is the last thing on the face', () => {
    expect(coats(tableTop(OAK, stained('wax'))).at(-1)).toBe('pasteWax');
    expect(coats(tableTop(OAK, painted('pale', 'wax'))).at(-1)).toBe('pasteWax');
  });

  it('of oil goes into bare wood', () => {
    expect(coats(tableTop(OAK, clear('hardOil')))).toEqual(['hardwood', 'hardOil', 'hardOil']);
  });
});

describe('parts that slide', () => {
  const told: Told = {
    template: 'chest',
    known: { fronts: OAK },
    aims: { fronts: painted('white') },
  };

  it('are taken down first where they catch already, by what the film will close', () => {
    const route = routeOf({ ...told, found: { fronts: ['catchingDrawer'] } });
    expect(stepIn(route, 'ease-edges').reasons[0]?.text).toMatch(
      /new coats close \d+ µm of the gap/,
    );
    expect(comesBefore(route, 'ease-edges', 'prime-acrylic')).toBe(true);
  });

  it('are left alone where there is room', () => {
    expect(methodsIn(routeOf(told))).not.toContain('ease-edges');
  });
});

describe('put together and handed over', () => {
  const chest: Told = { template: 'chest', aims: allAims('chest', painted('mid')) };
  const route = routeOf(chest);

  it('drawers, hardware and bumpers come after the last coat of any face', () => {
    const last = route.operations.map((it) => it.coats).lastIndexOf(true);
    for (const method of ['drawers-in', 'hardware-on', 'bumpers', 'care-sheet']) {
      expect(methodsIn(route).indexOf(method)).toBeGreaterThan(last);
    }
    expect(methodsIn(route).at(-1)).toBe('care-sheet');
  });

  it('a tall piece is prepared for its anchor, a low one is not', () => {
    expect(
      methodsIn(routeOf({ template: 'wardrobe', aims: allAims('wardrobe', painted()) })),
    ).toContain('anchor');
    expect(
      methodsIn(routeOf({ template: 'bench', aims: allAims('bench', painted()) })),
    ).not.toContain('anchor');
  });

  it('the owner is told of lead without a word of safety', () => {
    const sheet = JSON.stringify(stepIn(route, 'care-sheet'));
    expect(sheet).toMatch(/what was not tested/);
    expect(sheet).not.toMatch(/\bsafe\b/);
  });

  it('the care sheet lists every coat by class, how long it cures, and lead as it was tested', () => {
    const piece = pieceOf({
      ...tableTop({ ...OAK, finish: 'alkyd' }, painted('white', 'wax')),
      years: [1930, 1935],
      seen: { top: ['lead-swab:notFound:1'] },
      readings: { top: { 'layer-count': 2 } },
    });
    const sheet = asCase(piece, USUAL_SHOP).careSheet;
    const [face] = sheet.surfaces;
    expect(face?.coats).toEqual([
      'waterborne acrylic primer',
      'waterborne cabinet enamel, 2 coats',
      'paste wax, 2 coats',
    ]);
    // Paste wax and enamel: about 30 days (common practice, no source).
    expect(sheet.cureDays).toBe(30);
    expect(face?.lead).toMatch(/Not found by swab in layer 1.*Not tested in layer 2/);
    expect(sheet.rules.join(' ')).toMatch(/No paint sticks over it/);
    expect(JSON.stringify(sheet)).not.toMatch(/\bsafe\b/);
  });

  it('what is only freshened gets no coat', () => {
    const fresh = routeOf({ template: 'chest', aims: { drawerSides: { kind: 'freshened' } } });
    expect(fresh.operations.some((it) => it.coats)).toBe(false);
    expect(methodsIn(fresh)).toContain('freshen-damp');
    expect(methodsIn(routeOf({ template: 'chest', aims: { top: LEAVE } }))).toEqual([]);
  });
});

describe('what a surface can become', () => {
  it('of printed foil: paint or new veneer, and why not the rest', () => {
    const piece = pieceOf(tableTop({ substrate: 'foil', finish: 'factory' }, LEAVE));
    const no = impossibleSchemes(piece, USUAL_SHOP, ['top']);
    expect([...no.keys()]).toEqual(['stained', 'clear', 'washed']);
    expect(no.get('stained')?.[0]?.waysOut).toContain('Lay new veneer.');
  });

  it('of solid oak: anything', () => {
    expect(impossibleSchemes(pieceOf(tableTop(OAK, LEAVE)), USUAL_SHOP, ['top']).size).toBe(0);
  });
});

describe('schools', () => {
  const film = tableTop({ ...OAK, finish: 'latex' }, painted('mid'));

  it('primer: self-priming paint leaves it out over a sound film, not over bleed', () => {
    expect(methodsIn(routeOf(film))).toContain('prime-acrylic');
    expect(methodsIn(routeOf(film, { prime: 'selfPriming' }))).not.toContain('prime-acrylic');
    const bleeds = tableTop({ ...OAK, finish: 'latex', bleed: 'tannin' }, painted('pale'));
    expect(methodsIn(routeOf(bleeds, { prime: 'selfPriming' }))).toContain(
      'prime-pigmentedShellac',
    );
  });

  it('primer: always blocks wood that most likely does not bleed', () => {
    const told = {
      template: 'table',
      known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'varnish' } },
      aims: { top: painted('pale') },
    } as const;
    expect(methodsIn(routeOf(told))).toContain('prime-acrylic');
    expect(methodsIn(routeOf(told, { prime: 'always' }))).toContain('prime-pigmentedShellac');
  });

  it('between coats: sanding every coat costs minutes', () => {
    const [rough, every] = [routeOf(film), routeOf(film, { betweenCoats: 'always' })];
    expect(count(every, 'dull')).toBeGreaterThan(count(rough, 'dull'));
    expect(every.minutes).toBeGreaterThan(rough.minutes);
  });

  it('scuff: coarse or fine', () => {
    expect(stepIn(routeOf(film), 'scuff').grits.at(-1)).toBe(150);
    expect(stepIn(routeOf(film, { scuff: 'coarse' }), 'scuff').grits.at(-1)).toBe(120);
  });

  it('old finish off: the shop’s way where it is allowed, the wish of the aim before it', () => {
    const strip = tableTop({ ...OAK, finish: 'varnish' }, stained());
    expect(methodsIn(routeOf(strip, { takeOff: 'gel' }))).toContain('strip-gel');
    expect(methodsIn(routeOf(strip, { takeOff: 'sand' }))).toContain('strip-sand');
    expect(methodsIn(routeOf({ ...strip, wish: 'mild' }, { takeOff: 'sand' }))).toContain(
      'strip-mild',
    );
    const veneer = tableTop({ ...OAK, substrate: 'veneerCore', finish: 'varnish' }, clear(), {
      readings: { top: { 'veneer-thickness': 1 } },
    });
    expect(methodsIn(routeOf(veneer, { takeOff: 'sand' }))).not.toContain('strip-sand');
  });

  it('hardware: before evicting or after', () => {
    const told: Told = {
      template: 'chest',
      aims: { fronts: painted() },
      found: { fronts: ['insects'] },
    };
    expect(comesBefore(routeOf(told), 'evict-insects', 'hardware-off')).toBe(true);
    expect(
      comesBefore(routeOf(told, { hardware: 'before' }), 'hardware-off', 'evict-insects'),
    ).toBe(true);
  });

  it('faces: which of body and top is coated first is said at the coat', () => {
    const told: Told = { template: 'table', aims: allAims('table', painted('dark')) };
    expect(stepIn(routeOf(told), 'coat-cabinetEnamel').how[0]).toMatch(/^Body first/);
    expect(stepIn(routeOf(told, { faces: 'topFirst' }), 'coat-cabinetEnamel').how[0]).toMatch(
      /^The face on top first/,
    );
  });

  it('drawers: in, they are masked and not taken out', () => {
    const told: Told = { template: 'chest', aims: { fronts: painted() } };
    const stay = methodsIn(routeOf(told, { drawers: 'in' }));
    expect(stay).toContain('mask-drawers');
    expect(stay).not.toContain('drawers-out');
    expect(stay).not.toContain('drawers-in');
  });
});
