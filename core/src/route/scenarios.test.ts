import { comesBefore, methodsIn, stepIn } from '../testing/routes';
import { SUBSTRATES } from '../catalog';
import { USUAL_SHOP, surfacesOf, type Piece, type Scheme } from '../piece';
import { LEAVE, allAims, clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { planRoute, routeAsText, whereOf, type Operation, type Route } from './index';

const routeOf = (told: Told, shop = USUAL_SHOP): Route => planRoute(pieceOf(told), shop);

const on = (route: Route, surfaceId: string): readonly Operation[] =>
  route.operations.filter((it) => it.surfaceIds.includes(surfaceId));

const OAK_LACQUER = [
  'chip:wood-through',
  'wood-look:rings-pores',
  'see-through:clear-film',
  'alcohol:nothing',
  'lacquer-thinner:reflows',
];
const OAK_VENEER = ['chip:thin-wood', 'edge-grain:thin-line', ...OAK_LACQUER.slice(1)];
const FOIL = ['pattern:printed', 'edge-grain:seam', 'touch:dead-smooth', 'lacquer-thinner:nothing'];
const OLD_PAINT = ['edge-grain:turns-corner', 'see-through:opaque', 'paint-flake:snaps'];
const BARE_PINE = [
  'edge-grain:turns-corner',
  'wood-look:knots-rings',
  'knots:yes',
  'see-through:dull-wood',
  'oil-drop:soaks',
  'mineral-spirits:nothing',
  'fingernail:nothing',
];

describe('solid oak under lacquer, to be stained', () => {
  const route = routeOf({ seen: { top: OAK_LACQUER }, aims: { top: stained() } });

  it('is recorded, cleaned, stripped, sanded to P180, dusted, and not primed', () => {
    expect(methodsIn(route)).toEqual([
      'photograph',
      'vacuum',
      'degrease',
      'strip-scrape',
      'sand-ladder',
      'dedust',
      'mask-bare',
      'coat-oilStain',
      'coat-waterClear',
      'coat-waterClear',
      'coat-waterClear',
      'anchor',
      'touch-up',
      'care-sheet',
    ]);
    expect(stepIn(route, 'sand-ladder').grits.at(-1)).toBe(180);
    expect(route.refusals).toEqual([]);
  });

  it('says why, by the rule and the observation behind it', () => {
    const [reason] = stepIn(route, 'strip-scrape').reasons;
    expect(reason?.rule).toBe('old-finish-comes-off');
    expect(reason?.text).toMatch(/lacquer comes off in full/);
    expect(reason?.observationIds).toContain('top-lacquer-thinner');
  });

  it('says why not another way to strip', () => {
    const { insteadOf } = stepIn(route, 'strip-scrape');
    expect(insteadOf.map((it) => it.label)).toContain('sanding it off');
    for (const it of insteadOf) expect(it.because).not.toBe('');
  });

  it('waits for the wood to dry after stripping', () => {
    expect(stepIn(route, 'strip-scrape').wait).toEqual({
      minutes: 18 * 60,
      until: 'the wood is dry',
    });
  });

  it('shows the ladder’s workings', () => {
    const { ladder, grits } = stepIn(route, 'sand-ladder');
    expect(ladder?.rungs.map((it) => it.grit)).toEqual(grits);
    expect(ladder?.veneerLeftUm).toBeNull();
  });
});

describe('the user’s wish how to strip', () => {
  const told = { seen: { top: OAK_LACQUER }, aims: { top: stained() } };

  it('is followed where nothing forbids it', () => {
    expect(methodsIn(routeOf({ ...told, wish: 'mild' }))).toContain('strip-mild');
  });

  it('is refused on veneer, with gel instead', () => {
    const route = routeOf({ ...told, seen: { top: OAK_VENEER }, wish: 'sand' });
    expect(route.refusals).toMatchObject([{ rule: 'strip-way-not-here', blocks: false }]);
    expect(methodsIn(route)).toContain('strip-gel');
    expect(methodsIn(route)).not.toContain('strip-sand');
  });

  it('to sand or burn off suspect paint is refused, with gel instead', () => {
    for (const wish of ['sand', 'scrape', 'heat'] as const) {
      const route = routeOf({
        years: [1930, 1935],
        seen: { top: OLD_PAINT },
        aims: { top: clear() },
        wish,
      });
      expect(route.refusals).toMatchObject([
        { rule: 'no-dry-sanding-of-suspect-paint', blocks: false },
      ]);
      expect(route.refusals[0]?.waysOut).toContain('Record a lead result for each layer.');
      expect(methodsIn(route)).toContain('strip-gel');
    }
  });
});

describe('oak veneer, to be stained', () => {
  it('stops at P120, keeps its veneer, and says so', () => {
    const route = routeOf({
      seen: { top: OAK_VENEER },
      readings: { top: { 'veneer-thickness': 0.8 } },
      aims: { top: stained() },
    });
    const sanding = stepIn(route, 'sand-ladder');
    expect(sanding.grits.at(-1)).toBe(120);
    expect(sanding.how.join(' ')).toMatch(/of veneer stays at its thin places/);
    expect(sanding.reasons[0]?.text).toMatch(/stop early, so that it still takes colour/);
    expect(sanding.heldBy).toEqual([]);
  });

  it('is washed damp, not wet', () => {
    const route = routeOf({ seen: { top: OAK_VENEER }, aims: { top: stained() } });
    expect(methodsIn(route)).toContain('damp-wipe');
    expect(methodsIn(route)).not.toContain('degrease');
  });

  it('unmeasured, is held by a gate that asks for the thickness the ladder needs', () => {
    const route = routeOf({ seen: { top: OAK_VENEER }, aims: { top: stained() } });
    const gate = stepIn(route, 'veneer-gate');
    expect(gate.gate?.answers[0]?.answer).toMatch(/^0\.\d\d mm or more$/);
    expect(stepIn(route, 'sand-ladder').heldBy).toEqual([gate.id]);
  });

  it('under half a millimetre is sanded by hand only', () => {
    const route = routeOf({
      seen: { top: OAK_VENEER },
      readings: { top: { 'veneer-thickness': 0.5 } },
      aims: { top: stained() },
    });
    expect(stepIn(route, 'sand-ladder').title).toMatch(/by hand$/);
  });

  it('too thin to sand is refused, with ways out, and nothing is planned that commits to it', () => {
    const route = routeOf({
      seen: { top: OAK_VENEER },
      readings: { top: { 'veneer-thickness': 0.3 } },
      aims: { top: stained() },
    });
    expect(route.refusals).toMatchObject([
      { rule: 'veneer-too-thin', surfaceIds: ['top'], blocks: true },
    ]);
    expect(route.refusals[0]?.observationIds).toContain('top-veneer-thickness');
    expect(route.refusals[0]?.waysOut.join(' ')).toMatch(/Paint it/);
    expect(methodsIn(route)).toEqual(['photograph', 'vacuum']);
  });
});

describe('printed foil', () => {
  it.each([
    ['stain', stained()],
    ['clear', clear()],
  ])('to take a %s finish is refused with a way out', (_, aim) => {
    const route = routeOf({ seen: { top: FOIL }, aims: { top: aim } });
    expect(route.refusals).toMatchObject([{ rule: 'no-stain-on-print', blocks: true }]);
    expect(route.refusals[0]?.waysOut[0]).toMatch(/Paint it/);
    expect(route.refusals[0]?.observationIds).toContain('top-pattern');
    expect(methodsIn(route)).not.toContain('strip-gel');
  });

  it('to be painted is scuffed at P180 and gets a bonding primer', () => {
    const route = routeOf({ seen: { top: FOIL }, aims: { top: painted() } });
    expect(stepIn(route, 'scuff').grits).toEqual([180]);
    expect(methodsIn(route)).toContain('prime-bonding');
    expect(methodsIn(route)).not.toContain('bleed-patch');
  });

  it('in doubt, is asked about before stripper lifts the print', () => {
    const route = routeOf({ years: [1990, 1999], aims: { top: stained() } });
    const gate = stepIn(route, 'substrate-gate');
    expect(on(route, 'top').find((it) => it.phase === 'strip')?.heldBy).toContain(gate.id);
  });
});

describe('the bench painted many times, lead unknown', () => {
  const told: Told = {
    template: 'bench',
    years: [1931, 1939],
    seen: { seat: OLD_PAINT },
    readings: { seat: { 'layer-count': 3 } },
    found: { seat: ['peeling'] },
    aims: { seat: painted('mid', 'none') },
  };
  const tested = (result: string): Told => ({
    ...told,
    seen: { seat: [...OLD_PAINT, ...[1, 2, 3].map((layer) => `lead-swab:${result}:${layer}`)] },
  });

  it('begins with the lead gate, and everything that makes dust is held by it', () => {
    const route = routeOf(told);
    expect(route.operations[0]).toMatchObject({ method: 'lead-gate', phase: 'secure' });
    const dusty = route.operations.filter((it) => it.makesDust);
    expect(dusty.length).toBeGreaterThan(2);
    for (const it of dusty) expect(it.heldBy).toContain(stepIn(route, 'lead-gate').id);
  });

  it('names what is forbidden meanwhile, by 40 CFR 745.85, in the shop’s units', () => {
    const words = (units: 'metric' | 'us') =>
      JSON.stringify(stepIn(routeOf(told, { ...USUAL_SHOP, units }), 'lead-gate').cautions);
    expect(words('metric')).toMatch(/No dry sanding, no dry scraping, no open flame.*593 °C/);
    expect(words('us')).toMatch(/ 1100 °F/);
  });

  it('lets go ahead what loosens nothing, and holds what washes or scrapes', () => {
    const route = routeOf(told);
    expect(stepIn(route, 'vacuum').heldBy).toEqual([]);
    for (const method of ['degrease', 'loose-off', 'scuff']) {
      expect(stepIn(route, method).heldBy).toContain(stepIn(route, 'lead-gate').id);
    }
  });

  it('partly tested stays held', () => {
    const route = routeOf({ ...told, seen: { seat: [...OLD_PAINT, 'lead-swab:notFound:1'] } });
    expect(stepIn(route, 'scuff').heldBy).toContain(stepIn(route, 'lead-gate').id);
    expect(stepIn(route, 'lead-gate').reasons[0]?.text).toMatch(/Not tested in layers 2–3/);
  });

  it('with every layer recorded as not found, is open', () => {
    const route = routeOf(tested('notFound'));
    expect(methodsIn(route)).not.toContain('lead-gate');
    expect(stepIn(route, 'loose-off').heldBy).toEqual([]);
    expect(stepIn(route, 'scuff').grits).toEqual([120, 150]);
  });

  it('with lead found, makes no dust at all: contained and wet', () => {
    const route = routeOf(tested('found'));
    expect(stepIn(route, 'contain-lead').reasons[0]?.observationIds).toContain('seat-lead-swab-2');
    expect(methodsIn(route)).toEqual(expect.arrayContaining(['loose-off-wet', 'wet-sand']));
    expect(route.operations.filter((it) => it.makesDust)).toEqual([]);
    expect(stepIn(route, 'dull-wet').title).toMatch(/wet/);
    expect(comesBefore(route, 'contain-lead', 'wet-sand')).toBe(true);
  });

  it('with lead found and bound for a child’s room, is not done by oneself', () => {
    const route = routeOf({ ...tested('found'), childsRoom: true });
    expect(route.refusals).toMatchObject([{ rule: 'lead-childs-room', blocks: true }]);
    expect(route.refusals[0]?.waysOut[0]).toMatch(/certified firm/);
    expect(route.operations.some((it) => it.phase === 'sand' || it.phase === 'strip')).toBe(false);
  });

  it('to be left as it is needs no test', () => {
    expect(routeOf({ ...told, aims: { seat: LEAVE } }).operations).toEqual([]);
  });

  it('holds the suspect surface alone: the others go ahead', () => {
    const route = routeOf({
      ...told,
      seen: { ...told.seen, legs: ['chip:wood-through'] },
      known: { legs: { finish: 'shellac', substrate: 'hardwood' } },
      aims: { seat: painted('mid', 'none'), legs: painted('mid', 'none') },
    });
    expect(stepIn(route, 'scuff', 'seat').heldBy).toContain(stepIn(route, 'lead-gate').id);
    expect(stepIn(route, 'scuff', 'legs').heldBy).toEqual([]);
  });
});

describe('bleed under a pale colour', () => {
  const mahogany = [
    'chip:wood-through',
    'wood-look:red-brown',
    'see-through:clear-film',
    'alcohol:sticky',
  ];
  const told: Told = {
    template: 'cabinet',
    seen: { doors: mahogany },
    aims: { doors: painted('white') },
  };

  it('is asked by a patch before the blocker is chosen', () => {
    const route = routeOf({ ...told, known: { doors: { wood: 'pale' } } });
    // Pale wood bleeds one time in seven: too rarely to ask.
    expect(methodsIn(route)).not.toContain('bleed-patch');
    const oak = routeOf({ ...told, known: { doors: { wood: 'ringPorous' } } });
    expect(comesBefore(oak, 'bleed-patch', 'prime-pigmentedShellac')).toBe(true);
    expect(stepIn(oak, 'prime-pigmentedShellac').heldBy).toEqual([stepIn(oak, 'bleed-patch').id]);
  });

  it('seen on the patch, gets two coats of pigmented shellac, dulled between', () => {
    const route = routeOf({ ...told, seen: { doors: [...mahogany, 'bleed-patch:pink'] } });
    const block = route.operations.filter((it) => it.phase === 'block');
    expect(block.map((it) => it.method)).toEqual([
      'prime-pigmentedShellac',
      'dull',
      'prime-pigmentedShellac',
      'dull',
    ]);
    expect(block[0]?.reasons[0]?.text).toMatch(/dye/);
    expect(block[0]?.reasons[0]?.observationIds).toContain('doors-bleed-patch');
    expect(block[0]?.how.join(' ')).toMatch(/alcohol or ammonia/);
  });

  it('not seen on the patch, gets a plain primer', () => {
    const clean = [...mahogany, 'bleed-patch:clean', 'wet-rag:clean'];
    const route = routeOf({ ...told, seen: { doors: clean }, known: { doors: { wood: 'pale' } } });
    expect(methodsIn(route).filter((it) => /shellac/i.test(it))).toEqual([]);
    expect(methodsIn(route)).not.toContain('bleed-patch');
  });

  it('from knots in bare pine is held by shellac', () => {
    const route = routeOf({
      template: 'table',
      seen: { top: BARE_PINE },
      aims: { top: painted('pale') },
    });
    expect(methodsIn(route)).toContain('prime-pigmentedShellac');
    expect(stepIn(route, 'sand-ladder').grits.at(-1)).toBe(150);
  });

  it('is not patched for under a dark colour, which hides it', () => {
    const route = routeOf({
      ...told,
      known: { doors: { wood: 'ringPorous' } },
      aims: { doors: painted('dark') },
    });
    expect(methodsIn(route)).not.toContain('bleed-patch');
  });
});

describe('oil-based clear', () => {
  it('over pale paint is refused, a waterborne clear is planned', () => {
    const route = routeOf({ seen: { top: OAK_LACQUER }, aims: { top: painted('white', 'oil') } });
    expect(route.refusals).toMatchObject([{ rule: 'topcoat-that-would-fail', blocks: false }]);
    expect(route.refusals[0]?.because).toMatch(/yellow.*waterborne clear is planned instead/);
    expect(methodsIn(route)).toContain('coat-waterClear');
    expect(methodsIn(route)).not.toContain('coat-oilClear');
  });

  it('over stain is not', () => {
    expect(routeOf({ seen: { top: OAK_LACQUER }, aims: { top: stained('oil') } }).refusals).toEqual(
      [],
    );
  });
});

describe('cleaning', () => {
  it('takes wax off first: nothing sticks over it', () => {
    const route = routeOf({
      seen: { top: ['chip:wood-through', 'fingernail:curls', 'mineral-spirits:smears'] },
      aims: { top: painted('mid') },
    });
    expect(comesBefore(route, 'wax-off', 'degrease')).toBe(true);
  });

  it('is done twice where it is greasy', () => {
    const told: Told = { seen: { top: OAK_LACQUER }, aims: { top: painted('mid') } };
    const clean = stepIn(routeOf(told), 'degrease');
    const greasy = stepIn(routeOf({ ...told, found: { top: ['grime'] } }), 'degrease');
    expect(greasy.title).toMatch(/twice/);
    expect(greasy.minutes).toBeGreaterThan(clean.minutes);
  });

  it('takes residue off with oil, then degreases the oil', () => {
    const route = routeOf({
      found: { top: ['residue'] },
      seen: { top: FOIL },
      aims: { top: painted('mid') },
    });
    expect(comesBefore(route, 'residue', 'degrease')).toBe(true);
  });

  it('is damp on veneer that lifts, even where the substrate is open', () => {
    const route = routeOf({
      years: [1880, 1890],
      found: { top: ['liftingVeneer'] },
      aims: { top: painted('mid') },
    });
    expect(methodsIn({ operations: on(route, 'top') })).toContain('damp-wipe');
  });
});

describe('repairs go by damage and by what is to be seen', () => {
  it.each([
    ['gouge', painted('mid'), 'two-part-filler'],
    ['gouge', stained(), 'stainable-filler'],
    ['dent', clear(), 'steam'],
    ['dent', painted('mid'), 'two-part-filler'],
    ['crack', painted('mid'), 'glue-crack'],
    ['missingEdge', painted('mid'), 'epoxy-putty'],
    ['missingEdge', stained(), 'wood-patch'],
    ['looseJoint', clear(), 'glue-joint'],
  ] as const)('%s, %j: %s', (damage, aim: Scheme, method) => {
    const route = routeOf({
      template: 'table',
      seen: { top: OAK_LACQUER },
      found: { top: [damage] },
      aims: { top: aim },
    });
    expect(stepIn(route, method).phase).toBe('repair');
  });

  it.each([
    ['whiteRing', stained()],
    ['darkRing', painted('mid')],
    ['scratch', stained()],
  ] as const)('%s under %j needs none: it goes with the film, or is covered', (damage, aim) => {
    const route = routeOf({
      template: 'table',
      seen: { top: OAK_LACQUER },
      found: { top: [damage] },
      aims: { top: aim },
    });
    expect(route.operations.filter((it) => it.phase === 'repair')).toEqual([]);
  });

  it('a dark stain is sanded out of solid wood, and bleached where the face is thin', () => {
    const stainOn = (substrate: string) =>
      routeOf({
        template: 'table',
        known: { top: { substrate, wood: 'ringPorous', finish: 'lacquer' } },
        readings: substrate === 'veneerCore' ? { top: { 'veneer-thickness': 0.8 } } : {},
        found: { top: ['darkRing'] },
        aims: { top: clear() },
      });
    expect(methodsIn(stainOn('hardwood'))).toContain('sand-out-stain');
    expect(methodsIn(stainOn('hardwood'))).not.toContain('oxalic-acid');
    expect(stepIn(stainOn('veneerCore'), 'oxalic-acid').phase).toBe('repair');
    expect(methodsIn(stainOn('veneerCore'))).not.toContain('sand-out-stain');
  });

  it.each([
    [painted('mid'), 0.5, 'glazing-putty', 45],
    [painted('mid'), 4, 'two-part-filler', 30],
    [painted('mid'), 10, 'two-part-filler', 60],
    [painted('mid'), 20, 'epoxy-putty', 120],
    [stained(), 1, 'stainable-filler', 120],
    [stained(), 4, 'stainable-filler', 240],
    [stained(), 8, 'stainable-filler', 360],
  ] as const)(
    'a gouge under %j, %d mm deep: %s, hard after %d min',
    (aim, depthMm, method, wait) => {
      const piece = pieceOf({
        template: 'table',
        seen: { top: OAK_LACQUER },
        found: { top: ['gouge'] },
        aims: { top: aim },
      });
      const findings = piece.findings.map((it) => ({ ...it, depthMm }));
      const repair = stepIn(planRoute({ ...piece, findings }, USUAL_SHOP), method);
      expect(repair.wait?.minutes).toBe(wait);
    },
  );

  it('never steams veneer, whose glue may be soft to heat', () => {
    const route = routeOf({
      seen: { top: OAK_VENEER },
      found: { top: ['dent'] },
      aims: { top: stained() },
    });
    expect(methodsIn(route)).not.toContain('steam');
    expect(methodsIn(route)).toContain('stainable-filler');
  });

  it('glues before it fills, and flushes the fill before the face', () => {
    const route = routeOf({
      template: 'table',
      seen: { top: OAK_LACQUER },
      found: { top: ['gouge', 'looseJoint'] },
      aims: { top: painted('mid') },
    });
    expect(comesBefore(route, 'glue-joint', 'two-part-filler')).toBe(true);
    expect(comesBefore(route, 'flush-fill', 'scuff')).toBe(true);
    // Ladder for fill, flatten, paint: trade.md common practice 80-120-220, never finer than asked.
    expect(stepIn(route, 'flush-fill').grits.at(-1)).toBe(220);
    expect(stepIn(route, 'flush-fill').grits[0]).toBeGreaterThanOrEqual(80);
  });

  it('takes a split back off before cleaning and makes a new one', () => {
    const route = routeOf({ found: { back: ['splitBack'] }, aims: { back: painted('mid') } });
    expect(comesBefore(route, 'back-off', 'vacuum')).toBe(true);
    expect(methodsIn(route)).toContain('new-back');
  });
});

describe('insects and mould', () => {
  it('come first, even on a surface that is left or whose aim is refused', () => {
    const left = routeOf({
      found: { inside: ['insects'] },
      template: 'cabinet',
      aims: { inside: LEAVE },
    });
    expect(methodsIn(left)).toEqual(['evict-insects']);
    const refused = routeOf({
      seen: { top: FOIL },
      found: { top: ['mould'] },
      aims: { top: stained() },
    });
    expect(refused.operations[0]).toMatchObject({ method: 'mould', phase: 'secure' });
  });

  it('leave an odour that shellac shuts in', () => {
    const route = routeOf({
      seen: { top: OAK_LACQUER },
      known: { top: { bleed: 'none' } },
      found: { top: ['mould'] },
      aims: { top: painted('mid') },
    });
    expect(methodsIn(route)).toContain('prime-pigmentedShellac');
  });
});

describe('a chest of twelve drawers', () => {
  const route = routeOf({
    measures: { rows: 6, columns: 2 },
    aims: { fronts: painted('mid'), drawerSides: painted('mid') },
  });

  it('has its drawers numbered and out, then its pulls off, before anything is cleaned', () => {
    expect(stepIn(route, 'drawers-out').title).toMatch(/all 12/);
    expect(stepIn(route, 'hardware-off').title).toMatch(/24 pulls|12 pulls/);
    expect(comesBefore(route, 'drawers-out', 'hardware-off')).toBe(true);
    expect(comesBefore(route, 'hardware-off', 'vacuum')).toBe(true);
  });

  it('counts the drawers once, though fronts and sides both ask for them', () => {
    // Four to begin with, and two for each, however many surfaces ask.
    expect(stepIn(route, 'drawers-out').minutes).toBe(4 + 2 * 12);
    expect(stepIn(route, 'drawers-out').surfaceIds).toEqual(['fronts', 'drawerSides']);
  });
});

describe('several surfaces at once', () => {
  const aims = allAims('cabinet', painted('mid'));
  const route = routeOf({ template: 'cabinet', aims });

  it('are vacuumed in one go, with one setting up', () => {
    const vacuuming = route.operations.filter((it) => it.method === 'vacuum');
    expect(vacuuming).toHaveLength(1);
    expect(vacuuming[0]?.surfaceIds).toHaveLength(Object.keys(aims).length);
    const alone = Object.keys(aims).map(
      (id) =>
        stepIn(routeOf({ template: 'cabinet', aims: { [id]: painted('mid') } }), 'vacuum').minutes,
    );
    expect(vacuuming[0]?.minutes).toBeLessThan(alone.reduce((a, b) => a + b, 0));
  });

  it('have all dust made before the first wet coat in the room, with the reason', () => {
    const coat = route.operations.findIndex((it) => it.coats);
    const dust = route.operations.filter(
      (it) => it.makesDust && !['block', 'colour', 'protect'].includes(it.phase),
    );
    for (const it of dust) expect(route.operations.indexOf(it)).toBeLessThan(coat);
    expect(route.operations[coat]?.after.map((it) => it.rule)).toContain('dust-before-wet-coats');
  });

  it('without an aim are named', () => {
    expect(routeOf({ template: 'table', aims: { top: clear() } }).unaimedSurfaceIds).toEqual([
      'underside',
      'apron',
      'legs',
    ]);
  });
});

describe('every substrate under every scheme', () => {
  const schemes: readonly Scheme[] = [
    painted('white'),
    { kind: 'painted', shade: 'mid', effect: 'glazed', topcoat: 'waterborne' },
    stained(),
    clear(),
    { kind: 'washed', shade: 'pale', topcoat: 'waterborne' },
    { kind: 'veneered', shade: 'mid', topcoat: 'oil' },
    { kind: 'freshened' },
    LEAVE,
  ];
  const cases = SUBSTRATES.ids.flatMap((substrate) =>
    schemes.map((aim) => [substrate, aim.kind, aim] as const),
  );

  it.each(cases)('%s, %s: a route or a refusal, never neither', (substrate, kind, aim) => {
    const route = routeOf({
      template: 'table',
      known: { top: { substrate, finish: 'varnish' } },
      aims: { top: aim },
    });
    const works = route.operations.some((it) => it.phase === 'sand');
    const blocked = route.refusals.some((it) => it.blocks);
    expect(works || blocked).toBe(kind !== 'leave' && kind !== 'freshened');
    expect(works && blocked).toBe(false);
  });
});

describe('the route in words', () => {
  const piece: Piece = pieceOf({
    template: 'bench',
    years: [1931, 1939],
    seen: { seat: OLD_PAINT },
    aims: { seat: painted('white', 'oil') },
  });
  const text = routeAsText(piece, planRoute(piece, USUAL_SHOP));

  it('tells steps, gates, reasons, cautions, refusals and ways out', () => {
    expect(text).toMatch(/^Test piece: \d+ steps/);
    expect(text).toMatch(/1\. Test every layer for lead/);
    expect(text).toMatch(/\? Is there lead in any layer\?/);
    expect(text).toMatch(/HELD by step 1/);
    expect(text).toMatch(/why: .*\[lead-gate\]/);
    expect(text).toMatch(/NO: Oil-based clear can’t go on the seat/);
    expect(text).toMatch(/way out: Take a waterborne clear/);
    expect(text).toMatch(/No aim yet: Apron, Legs/);
  });

  it('speaks of the whole piece where all surfaces are meant', () => {
    const ids = surfacesOf(piece).map((it) => it.id);
    expect(whereOf(piece, { surfaceIds: ids })).toBe('Whole piece');
    expect(whereOf(piece, { surfaceIds: ['seat', 'legs'] })).toBe('Seat, Legs');
  });

  it('never calls anything safe', () => {
    expect(text).not.toMatch(/\bsafe\b/i);
  });
});

describe('a clear finish over a sound one', () => {
  const known = { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'varnish' } };
  const told: Told = { template: 'table', known, aims: { top: clear() } };

  it('is cleaned, dulled and coated over, not stripped', () => {
    expect(methodsIn(routeOf(told))).toEqual([
      'photograph',
      'vacuum',
      'degrease',
      'scuff',
      'dedust-damp',
      'mask-bare',
      'coat-waterClear',
      'coat-waterClear',
      'touch-up',
      'care-sheet',
    ]);
    expect(stepIn(routeOf(told), 'scuff').reasons[0]?.text).toMatch(/sound, so it is not stripped/);
  });

  it.each(['peeling', 'yellowedClear', 'darkRing', 'gouge'] as const)(
    'comes off where it is past that: %s',
    (damage) => {
      const route = routeOf({ ...told, found: { top: [damage] } });
      expect(methodsIn(route).some((it) => it.startsWith('strip-'))).toBe(true);
    },
  );

  it('comes off where somebody says how, where it lets go, and under what wants open wood', () => {
    const strips = (more: Partial<Told>) =>
      methodsIn(routeOf({ ...told, ...more })).some((it) => it.startsWith('strip-'));
    expect(strips({ wish: 'gel' })).toBe(true);
    expect(strips({ readings: { top: { 'cross-cut': 12 } } })).toBe(true);
    expect(strips({ aims: { top: clear('hardOil') } })).toBe(true);
    expect(strips({ aims: { top: stained() } })).toBe(true);
  });

  it('has white rings brought out of the film that stays', () => {
    const route = routeOf({ ...told, found: { top: ['whiteRing'] } });
    expect(methodsIn(route)).toContain('ring-out');
    expect(methodsIn(route).some((it) => it.startsWith('strip-'))).toBe(false);
  });
});

describe('readings hold work', () => {
  const told: Told = {
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'bare', bleed: 'none' } },
    aims: { top: painted('mid', 'none') },
  };
  const coats = (route: Route) => route.operations.filter((it) => it.coats);

  // At rest in 18 °C and 55 % wood holds about 10 % (Wood Handbook, table 4-2, from memory).
  it.each([
    [12, false],
    [14, true],
  ])('moisture of %i %%: coats and fillers held %s', (moisture, held) => {
    const route = routeOf({
      ...told,
      readings: { top: { moisture } },
      found: { top: ['gouge'] },
    });
    for (const it of [...coats(route), stepIn(route, 'two-part-filler')]) {
      expect(it.holds.includes('moisture')).toBe(held);
      expect(it.heldBy).toEqual(held ? [stepIn(route, 'dry-out').id] : []);
    }
  });

  it.each([
    [5.5, true],
    [6.5, false],
    [8.5, true],
  ])('pH %f: coats held %s', (ph, held) => {
    const route = routeOf({ ...told, readings: { top: { 'surface-ph': ph } } });
    for (const it of coats(route)) expect(it.holds.includes('ph')).toBe(held);
    if (held) expect(stepIn(route, 'neutralise-again').reasons[0]?.text).toMatch(/between 6 and 8/);
  });

  // Coatings want about 10 °C and at most 80 %, 3 K above the dew point (ISO 8502-4).
  it.each([
    [18, 55, false],
    [9, 55, true],
    [18, 82, true],
  ])('air of %i °C and %i %%: coats held %s, with the way out', (airCelsius, airHumidity, held) => {
    const route = routeOf(told, { ...USUAL_SHOP, airCelsius, airHumidity });
    for (const it of coats(route)) expect(it.holds.includes('air')).toBe(held);
    if (held) expect(stepIn(route, 'air-in-range').how.join(' ')).toMatch(/Heat without a flame/);
  });
});

describe('doubt', () => {
  it('a top that may be a thin face is neither washed wet nor sanded by machine unasked', () => {
    // 1930–50, pores, full sound: solid a little likelier than veneer.
    const route = routeOf({
      template: 'table',
      years: [1930, 1950],
      seen: { top: ['touch:pores', 'tap:full'] },
      aims: { top: stained() },
    });
    expect(methodsIn(route)).not.toContain('degrease');
    expect(methodsIn(route)).toContain('damp-wipe');
    const gate = stepIn(route, 'veneer-gate');
    expect(gate.gate?.answers.map((it) => it.id)).toContain('noVeneer');
    const ladder = stepIn(route, 'sand-ladder');
    expect(ladder.heldBy).toContain(gate.id);
    expect(ladder.sandThrough).not.toBeNull();
  });

  it('a chest of unknown age is not called factory-finished because that is the likeliest', () => {
    const route = routeOf({
      template: 'chest',
      years: [null, null],
      aims: { top: painted('mid') },
    });
    expect(JSON.stringify(route.operations)).not.toMatch(/factory-cured film stays/);
  });

  it('gates that need a fitting’s hole come after the fittings are off', () => {
    const route = routeOf({
      template: 'cabinet',
      known: { doors: { substrate: 'veneerCore', finish: 'lacquer' } },
      aims: { doors: stained() },
    });
    expect(comesBefore(route, 'hardware-off', 'veneer-gate')).toBe(true);
  });

  it('a patch that stayed white closes its gate, on that wood and nowhere else', () => {
    const oak = { wood: 'ringPorous', substrate: 'hardwood', finish: 'varnish' };
    const asked = (seen: Told['seen']) =>
      routeOf({
        template: 'table',
        known: { top: oak, legs: oak },
        aims: { top: painted('white'), legs: painted('white') },
        ...(seen ? { seen } : {}),
      }).operations.filter((it) => it.method === 'bleed-patch');
    expect(asked(undefined).map((it) => it.surfaceIds)).toEqual([['top', 'legs']]);
    expect(asked({ top: ['bleed-patch:clean'] }).flatMap((it) => it.surfaceIds)).not.toContain(
      'top',
    );
  });
});

describe('repairs go by size', () => {
  const withFinding = (
    damage: 'crack' | 'missingVeneer' | 'gouge',
    size: Readonly<{ lengthMm?: number; widthMm?: number; depthMm?: number }>,
    scheme: Scheme = painted('mid'),
  ): Route => {
    const piece = pieceOf({
      template: 'table',
      known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'bare', bleed: 'none' } },
      found: { top: [damage] },
      aims: { top: scheme },
    });
    return planRoute(
      { ...piece, findings: piece.findings.map((it) => ({ ...it, ...size })) },
      USUAL_SHOP,
    );
  };

  it.each([
    ['a hairline is glued', 'crack', { widthMm: 0.5 }, 'glue-crack'],
    ['two millimetres are glued and filled', 'crack', { widthMm: 2 }, 'glue-and-fill-crack'],
    ['five get a slip of wood', 'crack', { widthMm: 5 }, 'slip-in-crack'],
    [
      'a chip of veneer is filled',
      'missingVeneer',
      { lengthMm: 20, widthMm: 10 },
      'two-part-filler',
    ],
    ['a sheet of it is patched', 'missingVeneer', { lengthMm: 120, widthMm: 60 }, 'veneer-patch'],
    ['a shallow nick gets putty', 'gouge', { depthMm: 0.8 }, 'glazing-putty'],
    ['a deep hole is modelled', 'gouge', { depthMm: 15 }, 'epoxy-putty'],
  ] as const)('%s', (_, damage, size, method) => {
    expect(methodsIn(withFinding(damage, size))).toContain(method);
  });
});

describe('a scratch that somebody measured', () => {
  const scratched = (depthMm: number, substrate = 'hardwood'): Route => {
    const piece = pieceOf({
      template: 'table',
      known: { top: { substrate, wood: 'pale', finish: 'bare', bleed: 'none' } },
      found: { top: ['scratch'] },
      aims: { top: stained() },
    });
    return planRoute(
      { ...piece, findings: piece.findings.map((it) => ({ ...it, depthMm })) },
      USUAL_SHOP,
    );
  };
  const takenOff = (route: Route): number => stepIn(route, 'sand-ladder').ladder?.removedUm ?? 0;

  it('is sanded out of solid wood, as deep as it is', () => {
    expect(takenOff(scratched(0.3))).toBeGreaterThan(300);
    expect(takenOff(scratched(0.3))).toBeGreaterThan(takenOff(scratched(0.1)) + 150);
  });

  it('is filled where it is too deep for that', () => {
    expect(methodsIn(scratched(0.3))).not.toContain('fill-scratch');
    expect(methodsIn(scratched(1))).toContain('fill-scratch');
    expect(takenOff(scratched(1))).toBeLessThan(150);
  });

  it('takes no more off a thin face', () => {
    expect(takenOff(scratched(0.3, 'veneerCore'))).toBeLessThan(100);
  });
});

describe('a warning is shown where the choice is made', () => {
  const notes = (scheme: Scheme, known = {}) =>
    routeOf({
      template: 'table',
      known: { top: { substrate: 'hardwood', finish: 'bare', bleed: 'none', ...known } },
      aims: { top: scheme },
    }).refusals.map((it) => [it.rule, it.blocks]);

  it('wax where water stands', () => {
    expect(notes(painted('mid', 'wax'))).toContainEqual(['wax-where-water-stands', false]);
    expect(notes(painted('mid'))).toEqual([]);
  });

  it('wall paint on a laminate', () => {
    const scheme = { kind: 'painted', shade: 'mid', paint: 'wallPaint', topcoat: 'none' } as const;
    expect(notes(scheme, { substrate: 'foil', finish: 'factory' })).toContainEqual([
      'wall-paint-on-a-slick-face',
      false,
    ]);
  });

  it('a gap that no clear finish hides', () => {
    const route = routeOf({
      template: 'table',
      known: { top: { substrate: 'hardwood', finish: 'bare', bleed: 'none' } },
      found: { top: ['jointGap'] },
      aims: { top: stained() },
    });
    expect(route.refusals[0]?.waysOut.join(' ')).toMatch(/slip of the same wood/);
  });
});

it('a waterborne clear waits one to three days over an oil-based stain', () => {
  const route = routeOf({
    template: 'table',
    known: { top: { substrate: 'hardwood', wood: 'walnut', finish: 'bare', bleed: 'none' } },
    aims: { top: stained() },
  });
  const minutes = stepIn(route, 'coat-oilStain').wait?.minutes;
  expect(minutes).toBeGreaterThanOrEqual(24 * 60);
  expect(minutes).toBeLessThanOrEqual(72 * 60);
});

it('a back that is cut new is primed as the bare sheet that it is', () => {
  const route = routeOf({
    years: [1990, 1995],
    known: { back: { substrate: 'board', finish: 'factory' } },
    found: { back: ['splitBack'] },
    aims: { back: painted('mid', 'none') },
  });
  expect(methodsIn({ operations: on(route, 'back') })).not.toContain('prime-bonding');
  expect(methodsIn({ operations: on(route, 'back') })).toContain('prime-acrylic');
  expect(comesBefore(route, 'new-back', 'prime-acrylic')).toBe(true);
});
