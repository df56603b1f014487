import { asCase } from '../testing/asCase';
import { DISCOVERIES, REMEDIES, type DiscoveryKind, type Remedy } from '../catalog';
import { USUAL_SHOP, type Piece } from '../piece';
import { planRoute } from '../route';
import { clear, painted, pieceOf, stained, type Told } from '../testing/pieces';
import { workedOn, workedTo } from '../testing/worked';
import { afterChanges, changesFor, optionsFor, type Found, type RemedyChoice } from './index';

// What a refinisher does when a piece surprises, written down by hand from common practice of the
// trade (no source): the tasks that have to come, in this order, and those that must not.

const OAK = {
  substrate: 'hardwood',
  wood: 'ringPorous',
  finish: 'varnish',
  bleed: 'none',
} as const;
const VENEER = { ...OAK, substrate: 'veneerCore' } as const;

const topOf = (told: Told): Piece => pieceOf({ template: 'table', known: { top: OAK }, ...told });

/** Pieces in the middle of the work. */
const MIDWAY = {
  painted: () =>
    workedTo(topOf({ aims: { top: painted('white') } }), USUAL_SHOP, 'top/paint-to-cover/1'),
  blocked: () =>
    workedTo(
      topOf({ known: { top: { ...OAK, bleed: 'tannin' } }, aims: { top: painted('white') } }),
      USUAL_SHOP,
      'top/paint-to-cover/1',
    ),
  filled: () =>
    workedTo(
      topOf({ found: { top: ['gouge'] }, aims: { top: painted('white') } }),
      USUAL_SHOP,
      'top/paint-to-cover/1',
    ),
  cleared: () => workedTo(topOf({ aims: { top: clear() } }), USUAL_SHOP, 'top/coats-by-wear/1'),
  stained: () =>
    workedTo(topOf({ aims: { top: stained() } }), USUAL_SHOP, 'top/stain-into-open-wood/1'),
  stripped: () =>
    workedTo(
      topOf({ aims: { top: clear() }, wish: 'gel' }),
      USUAL_SHOP,
      'top/old-finish-comes-off/1',
    ),
  sandedVeneer: () =>
    workedTo(
      topOf({
        known: { top: VENEER },
        readings: { top: { 'veneer-thickness': 0.6 } },
        aims: { top: clear() },
        wish: 'gel',
      }),
      USUAL_SHOP,
      'top/ladder-to-the-next-coat/1',
    ),
  /** A dark colour on printed foil: by the chances nothing would bleed, or be seen. */
  foil: () =>
    workedTo(
      topOf({
        known: { top: { substrate: 'foil', finish: 'factory' } },
        aims: { top: painted('dark') },
      }),
      USUAL_SHOP,
      'top/paint-to-cover/1',
    ),
  lookedAt: () => topOf({ years: [1950, 1960], aims: { top: painted('white') } }),
} as const;

const found = (kind: DiscoveryKind, answer: string | null = null): Found => ({
  id: 'it',
  kind,
  answer: answer ?? DISCOVERIES.get(kind).asks?.answers[0]?.id ?? null,
  surfaceIds: ['top'],
  taskKeys: [],
  place: { x: 0.5, y: 0.5 },
  note: '',
  at: '2026-03-03T10:00:00Z',
  by: '',
});

const optionOf = (piece: Piece, it: Found, remedy: Remedy): RemedyChoice => {
  const options = optionsFor(asCase(piece, USUAL_SHOP), it);
  const own = options.find((one) => one.remedy === remedy);
  if (!own) throw new Error(`Only ${options.map((one) => one.remedy).join(', ')} are offered.`);
  return own;
};

const methodsOn = (piece: Piece): readonly string[] =>
  planRoute(piece, USUAL_SHOP)
    .tasks.filter((it) => it.surfaceIds.includes('top'))
    .map((it) => it.method);

/** Do these come in this order, with anything between? */
const inThisOrder = (methods: readonly string[], wanted: readonly RegExp[]): boolean => {
  let at = 0;
  for (const it of methods) if (wanted[at]?.test(it)) at++;
  return at === wanted.length;
};

type Row = readonly [
  kind: DiscoveryKind,
  piece: keyof typeof MIDWAY,
  remedy: Remedy,
  comes: readonly RegExp[],
  never: RegExp | null,
  answer?: string,
];

const SHELLAC = /^prime-pigmentedShellac$/;
const ENAMEL = /^coat-cabinetEnamel$/;
const CLEAR = /^coat-waterClear$/;
const DULL = /^dull$/;

const SCENARIOS: readonly Row[] = [
  ['bleed', 'painted', 'sealAndRepaint', [DULL, SHELLAC, SHELLAC, ENAMEL, ENAMEL], /^strip/],
  ['bleed', 'painted', 'darker', [ENAMEL], SHELLAC],
  ['bleed', 'blocked', 'spotSeal', [/^mend-spotSeal$/, ENAMEL], SHELLAC],
  ['bleed', 'blocked', 'sealAndRepaint', [SHELLAC, SHELLAC, ENAMEL], null, 'pink'],
  ['bleed', 'foil', 'sealAndRepaint', [SHELLAC, SHELLAC, ENAMEL], /^prime-bonding$/, 'pink'],
  ['extractives', 'stripped', 'washOut', [/^extractive-(wash|wipe)$/, /^sand-ladder$/], null],
  ['knots', 'painted', 'sealAndRepaint', [SHELLAC, SHELLAC, ENAMEL], null],
  ['waterMark', 'cleared', 'paintIt', [SHELLAC, ENAMEL], null],
  ['sandedThrough', 'sandedVeneer', 'patchVeneer', [/veneer-patch/, CLEAR], /two-part/],
  ['sandedThrough', 'sandedVeneer', 'fillAndPaint', [/two-part|fill/, ENAMEL], null],
  ['sandedThrough', 'sandedVeneer', 'darker', [/^coat-.*[sS]tain$/, CLEAR], ENAMEL],
  ['suspectLayer', 'stripped', 'testFirst', [/^lead-gate$/, /./], null],
  [
    'doneTooSoon',
    'stripped',
    'cleanUpAndTest',
    [/^mend-cleanUpHarm$/, /^sand-ladder$/, CLEAR],
    null,
  ],
  ['otherMaterial', 'lookedAt', 'goOnWithIt', [/^prime-bonding/, ENAMEL], /^sand-ladder$/, 'hpl'],
  ['hiddenVeneer', 'lookedAt', 'goOnWithIt', [ENAMEL], null],
  ['stainStays', 'stripped', 'bleachAgain', [/sand-out-stain|oxalic/, CLEAR], null],
  ['blotches', 'stained', 'wipeBack', [/^mend-wipeBack$/, /^coat-.*Stain$/, CLEAR], ENAMEL],
  ['blotches', 'stained', 'gelOver', [/^coat-gelStain$/, CLEAR], null],
  ['colourOff', 'painted', 'oneMoreCoat', [ENAMEL, ENAMEL], /^strip/],
  ['fillerShrank', 'filled', 'fillAgain', [/fill/, /flush/, ENAMEL, ENAMEL], /^strip/],
  ['fillerShows', 'painted', 'sealBare', [/^mend-spotSeal$/, ENAMEL, ENAMEL], null],
  ['jointOpened', 'painted', 'glueJoint', [/glue/, ENAMEL], null],
  ['jointOpened', 'painted', 'caulkIt', [/^caulk$/, ENAMEL], null],
  ['wontStrip', 'stripped', 'gelStrip', [/^strip-gel$/, /^sand-ladder$/, CLEAR], null],
  ['wontStrip', 'stripped', 'stripAgain', [/^strip-/, /^sand-ladder$/, CLEAR], null],
  ['furred', 'stripped', 'cutFur', [/^sand-ladder$/, /^mend-cutFur$/, /^dedust$/, CLEAR], null],
  [
    'primerPeels',
    'painted',
    'newOff',
    [/^mend-scrapeBack$/, /^scuff|sand/, /^prime-/, ENAMEL],
    /^strip-/,
  ],
  ['primerPeels', 'painted', 'bareWood', [/^strip-/, /^prime-/, ENAMEL], null],
  ['wrinkles', 'painted', 'waitAndLevel', [/^mend-waitAndLevel$/, ENAMEL, ENAMEL], /^strip/],
  ['fisheyes', 'painted', 'washCraters', [/silicone|wipeCraters/, SHELLAC, ENAMEL], null],
  ['blush', 'cleared', 'clearBlush', [/^mend-clearBlush$/, CLEAR], null],
  ['runs', 'cleared', 'levelOut', [/^mend-levelOut$/, CLEAR, CLEAR], /^strip/],
  ['yellowed', 'painted', 'repaintUnyellowed', [ENAMEL, CLEAR], /^coat-oilClear$/],
  ['tapePulled', 'painted', 'touchEdge', [/^mend-touchEdge$/, ENAMEL], /^strip/],
  ['drawerSticks', 'painted', 'easeRunner', [/runner/], null],
  ['changedMind', 'painted', 'clearIt', [/^strip-/, CLEAR], ENAMEL],
  ['brokenPart', 'painted', 'goOnWithIt', [/crack|glue/, ENAMEL], null, 'split'],
  ['insects', 'painted', 'goOnWithIt', [/insect|quarantine/], null],
];

describe('something turned up', () => {
  const rows = SCENARIOS.map(([kind, piece, remedy, comes, never, answer]) => ({
    kind,
    piece,
    remedy,
    comes,
    never,
    answer: answer ?? null,
  }));
  it.each(rows)('$kind on a top that is $piece: $remedy', (row) => {
    const { kind, piece, remedy, comes, never, answer } = row;
    const before = MIDWAY[piece]();
    const option = optionOf(before, found(kind, answer), remedy);
    expect(option.refusals).toEqual([]);
    const methods = methodsOn(option.piece);
    expect(inThisOrder(methods, comes) ? 'as the trade does it' : methods).toBe(
      'as the trade does it',
    );
    if (never) expect(methods.filter((it) => never.test(it))).toEqual([]);
    // What was done stays on record, each with the piece that it was done to.
    expect(option.piece.done).toEqual(before.done);
    expect(option.difference.done).toBe(before.done.length);
  });

  it('covers every kind that there is', () => {
    const tried = new Set(SCENARIOS.map(([kind]) => kind));
    const others = DISCOVERIES.ids.filter((it) => !tried.has(it));
    // Out of material changes no route: its own statement is below.
    expect(others).toEqual(['noMaterial']);
    expect(tried.size).toBeGreaterThanOrEqual(24);
  });

  it('always has a way to go on, whatever it is and wherever the work stands', () => {
    for (const piece of Object.values(MIDWAY)) {
      const before = piece();
      for (const kind of DISCOVERIES.ids) {
        const options = optionsFor(asCase(before, USUAL_SHOP), found(kind));
        expect([kind, options.filter((it) => it.refusals.length === 0).length]).not.toEqual([
          kind,
          0,
        ]);
      }
    }
  });

  it('out of material: all work on the surface begins a week later, and nothing else changes', () => {
    const before = MIDWAY.painted();
    const { piece, difference } = optionOf(before, found('noMaterial'), 'waitForIt');
    expect(difference).toMatchObject({ added: [], dropped: [], changed: [], again: [] });
    expect(new Set(piece.putOff.map((it) => it.until))).toEqual(
      new Set(['2026-03-10T10:00:00.000Z']),
    );
    expect(piece.putOff.map((it) => it.taskKey)).toContain('top/paint-to-cover/2');
  });

  it('an older coat below makes a late piece suspect, and holds what would open it', () => {
    const before = workedOn(
      topOf({ known: {}, seen: { top: ['see-through:opaque'] }, aims: { top: clear() } }),
      USUAL_SHOP,
      2,
    );
    const { piece } = optionOf(before, found('suspectLayer'), 'testFirst');
    const { tasks } = planRoute(piece, USUAL_SHOP);
    const opening = tasks.filter(
      ({ traits, method }) =>
        method !== 'lead-gate' &&
        (traits.opensLayers || traits.makesDust || traits.wets === 'solvent'),
    );
    expect(opening.length).toBeGreaterThan(1);
    for (const it of opening)
      expect([it.key, it.holds]).toEqual([it.key, expect.arrayContaining(['lead'])]);
  });

  it.each(['testFirst', 'leaveIt', 'toAFirm'] as const)(
    'an older coat below asks again for samples of all paint, also after a chip of all layers: %s',
    (remedy) => {
      const answered = pieceOf({
        years: [1930, 1939],
        seen: Object.fromEntries(
          ['top', 'left', 'right', 'fronts'].map((id) => [
            id,
            ['see-through:opaque', 'lead-laboratory-all:notFound'],
          ]),
        ),
        aims: { top: painted(), left: painted(), right: painted(), fronts: painted() },
      });
      const sampled = workedOn(answered, USUAL_SHOP, 12);
      const { piece } = optionOf(sampled, found('suspectLayer'), remedy);
      const { tasks } = planRoute(piece, USUAL_SHOP);
      const asked = tasks.filter((it) => it.method === 'lead-gate').flatMap((it) => it.surfaceIds);
      // The face itself is sampled where it is worked on at all.
      const own = remedy === 'testFirst' ? ['top'] : [];
      expect(asked).toEqual(expect.arrayContaining([...own, 'left', 'right', 'fronts']));
      for (const it of tasks.filter(({ traits }) => traits.makesDust))
        expect([it.key, it.holds]).toEqual([it.key, expect.arrayContaining(['lead'])]);
    },
  );

  it('on a child’s piece with lead every way is refused: the two that do least harm are told as that', () => {
    const before = pieceOf({
      template: 'table',
      years: [1930, 1940],
      childsRoom: true,
      known: { top: { ...OAK, finish: 'alkyd' } },
      seen: { top: ['lead-laboratory:found:1'] },
      aims: { top: clear() },
    });
    const options = optionsFor(asCase(before, USUAL_SHOP), found('wontStrip'));
    const left = options.filter((it) => it.refusals.length === 0).map((it) => it.remedy);
    expect(left).toEqual(['leaveIt', 'toAFirm']);
    expect(options.find((it) => it.remedy === 'toAFirm')?.isLastResort).toBe(true);
    for (const it of LAST) expect(REMEDIES.get(it).but).not.toBe('');
  });

  it('put off: the face is decided about before anything else is done there; decided later, it is as if at once', () => {
    const before = MIDWAY.painted();
    const it = found('runs');
    const standing = { piece: before, state: asCase(before, USUAL_SHOP).state, tasks: [] };
    const later = afterChanges(before, changesFor(it, null, standing));
    if (!later) throw new Error('Refused');
    expect(methodsOn(later)[0]).toBe('mend-decide');
    const decided = optionOf(later, it, 'levelOut').piece;
    const atOnce = optionOf(before, it, 'levelOut').piece;
    expect(methodsOn(decided)).toEqual(methodsOn(atOnce));
    expect(decided.log).toHaveLength(1);
  });
});

const LAST: readonly Remedy[] = ['leaveIt', 'toAFirm'];
