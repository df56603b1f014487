import { asCase } from '../testing/asCase';
import { planRoute, type Operation } from './index';
import { USUAL_SHOP, type Piece } from '../piece';
import { ALL_CASES, isThorough, ofEveryRoute, type Case } from '../testing/everyRoute';
import { clear, painted, pieceOf, stained } from '../testing/pieces';

// What can hurt, and what is waited for. The truth is in the generated piece (its year, its
// layers, what was recorded) and in the tables below, which were written by hand from the
// practice of the trade (reference §5 to §14; values from memory). Nothing here asks a rule,
// a gate, an operation's traits or the catalog what is right.

/** Safety is asked of all of them: what is rare hurts as well. */
const everywhere = (holds: (it: Case) => void): void => ofEveryRoute(holds, ALL_CASES);

/** Work that makes dust or flakes of what lies on a face. */
const MAKES_DUST = [
  'scuff',
  'sand-ladder',
  'sand-veneer',
  'sand-out-stain',
  'flush-fill',
  'ease-edges',
  'drill-new-holes',
  'strip-scrape',
  'strip-sand',
  'strip-heat',
  'loose-off',
  'lay-veneer',
  'distress',
  'dull',
  'bleed-patch',
  'cut-grain',
];
/** Work that opens the layers that were to be tested, dust or none (trade §5). */
const OPENS = [
  ...MAKES_DUST,
  'strip-gel',
  'strip-mild',
  'strip-caustic',
  // Washed, rubbed or scraped off, cut, filled and sanded, drilled, polished.
  'degrease',
  'damp-wipe',
  'wax-off',
  'residue',
  'cement-off',
  'extractive-wash',
  'extractive-wipe',
  'wet-sand',
  'flush-fill-wet',
  'ease-edges-wet',
  'drill-new-holes-wet',
  'loose-off-wet',
  'bleed-patch-wet',
  'fill-old-holes',
  'two-part-filler',
  'glazing-putty',
  'epoxy-putty',
  'stainable-filler',
  'grain-filler',
  'wood-patch',
  'veneer-patch',
  'glue-crack',
  'glue-veneer',
  'glue-joint',
  'glue-dovetail',
  'glue-foil',
  'level-runner',
  'plane-swelling',
  'scrape-burn',
  'oxalic-acid',
  'steam',
  'polish-fittings',
  'repaint-fittings',
  'back-off',
  'touch-in',
  'freshen',
  'powder-off',
  'powder-off-damp',
  'bleach',
  'raise-grain',
  'cut-grain-wet',
  'ring-out',
  'wash-silicone',
  'air-out',
  'iron-band',
  'glue-handle',
  'guide-strips',
];

const CUT_OFF = 1978;

const isLeadTest = (testId: string): boolean => testId.startsWith('lead-');

const isPositive = ({ testId, outcome, value }: Piece['observations'][number]): boolean =>
  isLeadTest(testId) && (outcome === 'found' || (value ?? 0) > 90);

/**
 * Surfaces with recorded paint from before the cut-off, on which nobody tested anything. Where lead was
 * found elsewhere on the piece it is presumed instead, and asked no more.
 */
const untested = (piece: Piece): ReadonlySet<string> =>
  new Set(
    piece.yearTo !== null && piece.yearTo < CUT_OFF && !piece.observations.some(isPositive)
      ? piece.layers
          .map((it) => it.surfaceId)
          .filter(
            (id) =>
              !piece.observations.some(
                (it) =>
                  it.surfaceId === id && (isLeadTest(it.testId) || it.testId === 'layer-count'),
              ),
          )
      : [],
  );

/** Surfaces on which a laboratory found lead in some layer. */
const leaded = (piece: Piece): ReadonlySet<string> =>
  new Set(
    piece.observations
      .filter((it) => it.testId === 'lead-laboratory' && it.outcome === 'found')
      .map((it) => it.surfaceId),
  );

/** Those of them whose old part stays on the piece. */
const leadedAndKept = (piece: Piece): ReadonlySet<string> =>
  new Set(
    [...leaded(piece)].filter(
      (id) =>
        !piece.aims.some((it) => it.surfaceId === id && it.newPart !== undefined) &&
        !piece.findings.some((it) => it.surfaceId === id && it.damage === 'splitBack'),
    ),
  );

const on = (it: Operation, ids: ReadonlySet<string>): readonly string[] =>
  it.surfaceIds.filter((id) => ids.has(id));

describe('lead', () => {
  it('on old paint that nobody tested, nothing is opened before the gate of that surface', () => {
    let tried = 0;
    everywhere(({ piece, route: { operations } }) => {
      const suspect = untested(piece);
      operations.forEach((it, at) => {
        if (!OPENS.includes(it.method)) return;
        for (const id of on(it, suspect)) {
          tried++;
          const gates = operations
            .slice(0, at)
            .filter((one) => one.method === 'lead-gate' && one.surfaceIds.includes(id));
          expect(gates).toHaveLength(1);
          expect(it.holds).toContain('lead');
          expect(it.heldBy).toContain(gates[0]?.id);
        }
      });
    });
    if (isThorough) expect(tried).toBeGreaterThan(500);
  });

  it('found: no dust of that surface, and the room is set up first', () => {
    let tried = 0;
    everywhere(({ piece, route: { operations } }) => {
      const found = leadedAndKept(piece);
      const dusty = operations.filter(
        (it) => MAKES_DUST.includes(it.method) && on(it, found).length > 0,
      );
      expect(dusty).toEqual([]);
      const wet = operations.findIndex(
        (it) => it.method === 'wet-sand' && on(it, found).length > 0,
      );
      if (wet < 0) return;
      tried++;
      expect(operations.slice(0, wet).some((it) => it.method === 'contain-lead')).toBe(true);
      expect(operations[wet]?.protection).toEqual(
        expect.arrayContaining(['P100 respirator', 'Disposable overall', 'Nitrile gloves']),
      );
    });
    if (isThorough) expect(tried).toBeGreaterThan(2);
  });

  it('found: a coat is dulled wet, never dry', () => {
    everywhere(({ piece, route: { operations } }) => {
      const found = leadedAndKept(piece);
      for (const it of operations.filter((one) => one.method.startsWith('dull'))) {
        if (on(it, found).length > 0) expect(it.title).toMatch(/^Dull wet/);
      }
    });
  });

  it('found: every step of the piece is done in lead protection, old fittings too', () => {
    let tried = 0;
    const HANDS_OFF = ['photograph', 'check-childs-bed', 'care-sheet'];
    everywhere(({ piece, route: { operations } }) => {
      if (leaded(piece).size === 0) return;
      for (const it of operations.filter((one) => !HANDS_OFF.includes(one.method))) {
        tried++;
        expect([it.method, ...it.protection]).toEqual(
          expect.arrayContaining(['P100 respirator', 'Disposable overall', 'Nitrile gloves']),
        );
        expect(it.cautions.map((one) => one.text).join(' ')).toMatch(
          /wipe wet, HEPA vacuum.*parts with lead it is wet-and-dry paper.*never dry/,
        );
      }
    });
    if (isThorough) expect(tried).toBeGreaterThan(500);
  });

  it('found on any part of a child’s piece: nobody works on any of it by themselves', () => {
    let tried = 0;
    everywhere(({ piece, route: { operations, refusals } }) => {
      const isForChild = piece.childsRoom || piece.build.bodies.some((it) => it.kind === 'crib');
      if (!isForChild || leaded(piece).size === 0) return;
      expect(operations.map((it) => it.method).filter((it) => OPENS.includes(it))).toEqual([]);
      expect(operations.filter((it) => it.coats)).toEqual([]);
      // Said also where everything is to be left as it is.
      const wanted = piece.aims.filter((it) => it.scheme.kind !== 'leave');
      tried++;
      const said = refusals.filter((it) =>
        /certified firm.*Leave it as it is, and out of the child’s reach/.test(
          it.waysOut.join(' '),
        ),
      );
      const on = (blocks: boolean) =>
        said.filter((it) => it.blocks === blocks).flatMap((it) => it.surfaceIds);
      expect([...on(true)].sort()).toEqual(wanted.map((it) => it.surfaceId).sort());
      expect([...on(true), ...on(false)]).toEqual(expect.arrayContaining([...leaded(piece)]));
    });
    if (isThorough) expect(tried).toBeGreaterThan(20);
  });

  it('open: firm or leave is said before the test, where it is for a child', () => {
    const piece = pieceOf({
      template: 'crib',
      years: [1930, 1940],
      known: { ends: { finish: 'alkyd' } },
      aims: { ends: painted('white') },
    });
    const gate = planRoute(piece, USUAL_SHOP).operations.find((it) => it.method === 'lead-gate');
    expect(gate?.cautions.map((it) => it.text).join(' ')).toMatch(
      /certified firm now, or leave it/,
    );
    expect(gate?.how.join(' ')).toMatch(/for a child a swab is not enough/);
  });

  it('the gate says what is forbidden, and whom to keep away', () => {
    everywhere(({ route: { operations } }) => {
      for (const { cautions } of operations.filter((it) => it.method === 'lead-gate')) {
        const words = cautions.map((it) => it.text).join(' ');
        expect(words).toMatch(/No dry sanding, no dry scraping, no open flame/);
        expect(words).toMatch(/children and pregnant women/);
      }
    });
  });
});

describe('what lives in it', () => {
  it('is dealt with on any surface, aimed or not, before the piece is handled', () => {
    let tried = 0;
    everywhere(({ piece, route: { operations } }) => {
      const clean = operations.findIndex((it) => it.phase === 'clean');
      for (const { damage, surfaceId } of piece.findings) {
        const method = { insects: 'evict-insects', mould: 'mould' }[damage as string];
        if (!method) continue;
        tried++;
        const at = operations.findIndex(
          (it) => it.method === method && it.surfaceIds.includes(surfaceId),
        );
        expect(at).toBeGreaterThanOrEqual(0);
        if (clean >= 0) expect(at).toBeLessThan(clean);
      }
    });
    if (isThorough) expect(tried).toBeGreaterThan(100);
  });

  it('even where nobody has said what the piece shall become', () => {
    const { operations } = planRoute(pieceOf({ found: { back: ['insects'] } }), USUAL_SHOP);
    expect(operations.map((it) => it.method)).toEqual(['evict-insects']);
  });
});

/** Minutes: at the least, at the most. */
type Span = readonly [number, number];
const H = 60;
const DAY = 24 * H;

/** How long each kind of work is waited for at 20–23 °C, about 50 % humidity. */
const WAITS: Readonly<Record<string, Span>> = {
  degrease: [8 * H, DAY],
  'damp-wipe': [30, 4 * H],
  'wax-off': [15, 4 * H],
  'cement-off': [8 * H, DAY],
  'extractive-wash': [8 * H, DAY],
  neutralise: [DAY, 3 * DAY],
  'strip-gel': [12 * H, DAY],
  'strip-mild': [12 * H, DAY],
  'strip-scrape': [12 * H, DAY],
  'strip-caustic': [DAY, 3 * DAY],
  'wet-sand': [8 * H, DAY],
  'glazing-putty': [30, 60],
  'two-part-filler': [15, 60],
  'epoxy-putty': [60, DAY],
  'stainable-filler': [2 * H, 6 * H],
  'glue-crack': [DAY, DAY],
  'glue-joint': [DAY, DAY],
  'glue-veneer': [8 * H, DAY],
  'oxalic-acid': [8 * H, DAY],
  'bleed-patch': [4 * H, DAY],
  'test-patch': [4 * H, 14 * DAY],
  'prime-pigmentedShellac': [45, 60],
  'prime-clearShellac': [45, 60],
  'prime-acrylic': [60, 3 * H],
  'prime-bonding': [60, 4 * H],
  'coat-mineralPaint': [2 * H, 4 * H],
  'coat-wallPaint': [2 * H, 8 * H],
  // A day where it is sanded next.
  'coat-cabinetEnamel': [2 * H, DAY],
  'coat-oilClear': [4 * H, 6 * H],
  'coat-waterClear': [2 * H, 3 * H],
  'coat-oilStain': [2 * H, 3 * DAY],
  'coat-hardOil': [6 * H, DAY],
  'coat-tintedOil': [6 * H, 2 * DAY],
  'coat-tintedVarnish': [4 * H, 3 * DAY],
  'coat-lacquer': [60, 4 * H],
  'coat-waxedShellac': [45, 2 * H],
  'coat-twoPartClear': [60, DAY],
  bleach: [DAY, 3 * DAY],
  'powder-off': [8 * H, DAY],
  'coat-pasteWax': [15, 20],
};

/** What is worn, and what is warned of, where work can hurt. */
const CARE: Readonly<Record<string, { readonly wear: readonly RegExp[]; readonly said?: RegExp }>> =
  {
    scuff: { wear: [/P100/, /Hearing/], said: /Wood dust.*carcinogenic/ },
    'sand-ladder': { wear: [/P100/, /Hearing/], said: /Wood dust.*1 mg\/m³/ },
    'strip-gel': { wear: [/Gloves matched/, /Goggles/, /Organic-vapour/], said: /hazardous-waste/ },
    'strip-scrape': { wear: [/P100/, /Goggles/, /Organic-vapour/], said: /hazardous-waste/ },
    'strip-sand': { wear: [/P100|HEPA/, /Hearing/], said: /hardwood dust/ },
    'strip-heat': { wear: [/Goggles/, /Organic-vapour/], said: /Fire: extinguisher/ },
    'strip-caustic': {
      wear: [/Goggles/, /rubber gloves/i, /P100/],
      said: /Lye burns skin and eyes/,
    },
    'wax-off': { wear: [/Nitrile/, /no flame/], said: /rags burn/ },
    'coat-oilStain': { wear: [/Organic-vapour/, /Nitrile/], said: /heat up by themselves/ },
    'coat-oilClear': { wear: [/Organic-vapour/, /Nitrile/], said: /can ignite/ },
    'coat-hardOil': { wear: [/Nitrile/], said: /can ignite/ },
    'coat-tintedOil': { wear: [/Nitrile/], said: /can ignite/ },
    'coat-tintedVarnish': { wear: [/Organic-vapour/, /Nitrile/], said: /can ignite/ },
    'coat-lacquer': { wear: [/Organic-vapour/, /Goggles/, /no flame/], said: /burn and stun/ },
    'coat-twoPartClear': {
      wear: [/Organic-vapour/, /Nitrile/, /Goggles/],
      said: /allergic for life.*no mist/,
    },
    bleach: { wear: [/Goggles/, /rubber gloves/i, /Apron/], said: /never mixed/ },
    'prime-pigmentedShellac': { wear: [/Organic-vapour/, /no flame/], said: /rags burn/ },
    'oxalic-acid': { wear: [/Nitrile/, /Goggles/], said: /Poison/ },
    'two-part-filler': { wear: [/Nitrile/], said: /fumes/i },
    'lay-veneer': { wear: [/Organic-vapour/, /no flame/], said: /burn and stun/ },
    'cement-off': { wear: [/P100/, /Goggles/], said: /Silica/ },
    mould: { wear: [/P100/, /Goggles/] },
    'repaint-fittings': { wear: [/Organic-vapour/, /Outdoors/], said: /Spray mist burns/ },
    anchor: { wear: [], said: /can kill a child/ },
  };

/** Asked for too rarely to come up for certain: each has its own scenario. */
const RARE = ['strip-caustic', 'neutralise', 'repaint-fittings', 'strip-heat', 'extractive-wash'];

describe('every step', () => {
  it('waits as long as careful people wait', () => {
    const seen = new Set<string>();
    everywhere(({ route: { operations } }) => {
      for (const it of operations) {
        const span = WAITS[it.method];
        if (!span) continue;
        seen.add(it.method);
        const minutes = it.wait?.minutes ?? 0;
        expect({
          method: it.method,
          in: minutes >= span[0] && minutes <= span[1],
          minutes,
        }).toEqual({ method: it.method, in: true, minutes });
      }
    });
    if (isThorough)
      expect(Object.keys(WAITS).filter((it) => !seen.has(it) && !RARE.includes(it))).toEqual([]);
  });

  it('that can hurt says so, and what to wear', () => {
    const seen = new Set<string>();
    everywhere(({ route: { operations } }) => {
      for (const it of operations) {
        const care = CARE[it.method];
        if (!care) continue;
        seen.add(it.method);
        const worn = it.protection.join(' · ');
        for (const wanted of care.wear) expect(`${it.method}: ${worn}`).toMatch(wanted);
        if (care.said) expect(it.cautions.map((one) => one.text).join(' ')).toMatch(care.said);
      }
    });
    if (isThorough)
      expect(Object.keys(CARE).filter((it) => !seen.has(it) && !RARE.includes(it))).toEqual([]);
  });

  it('never calls anything safe, and proposes no banned remover', () => {
    everywhere(({ route }) => {
      const words = JSON.stringify([route.operations, route.refusals]);
      expect(words).not.toMatch(/\bsafe\b|methylene chloride/i);
    });
  });
});

describe('until it is hard', () => {
  /** Days until a film is hard in full (common practice, no source). */
  it.each([
    ['wax', stained('wax'), 28, 32],
    ['penetrating oil', clear('hardOil'), 7, 14],
    ['waterborne clear', clear('waterborne'), 14, 30],
    ['oil-based clear', clear('oil'), 21, 30],
    ['cabinet enamel', painted('mid', 'none'), 21, 30],
  ])('%s: the owner is told %s days or so', (_, scheme, least, most) => {
    const piece = pieceOf({
      template: 'table',
      known: { top: { substrate: 'hardwood', wood: 'ringPorous', finish: 'bare', bleed: 'none' } },
      aims: { top: scheme },
    });
    const { cureDays } = asCase(piece, USUAL_SHOP).careSheet;
    expect(cureDays).toBeGreaterThanOrEqual(least);
    expect(cureDays).toBeLessThanOrEqual(most);
  });
});

describe('water', () => {
  it('is kept from a face of thin wood that somebody vouched for', () => {
    const WET = ['degrease', 'strip-mild', 'strip-caustic', 'extractive-wash'];
    const THIN = ['plywood', 'veneerSolid', 'veneerCore', 'board'];
    let tried = 0;
    everywhere(({ piece, route: { operations } }) => {
      const thin = new Set(
        piece.confirmations
          .filter((it) => it.variable === 'substrate' && THIN.includes(it.value))
          .map((it) => it.surfaceId),
      );
      for (const it of operations) {
        if (on(it, thin).length > 0) tried++;
        if (WET.includes(it.method)) expect(on(it, thin)).toEqual([]);
      }
    });
    if (isThorough) expect(tried).toBeGreaterThan(500);
  });
});

describe('what may be so', () => {
  const THIN = ['plywood', 'veneerSolid', 'veneerCore'];
  const BURNS = ['lacquer', 'shellac', 'waxedFilm'];
  /** What ruins a face, or burns, where it is one of these. */
  const FORBIDDEN: Readonly<
    Record<string, { readonly substrate?: readonly string[]; readonly finish?: readonly string[] }>
  > = {
    bleach: { substrate: [...THIN, 'board'] },
    steam: { substrate: THIN },
    'strip-caustic': { substrate: [...THIN, 'board'], finish: ['latex', 'alkyd', 'chalk', 'milk'] },
    'strip-heat': { substrate: THIN, finish: BURNS },
    'strip-sand': { substrate: THIN },
    'strip-scrape': { substrate: THIN },
    'extractive-wash': { substrate: [...THIN, 'board'] },
    degrease: { substrate: [...THIN, 'board'] },
    'powder-off': { substrate: [...THIN, 'board'] },
  };

  it('at one in ten forbids the work, unless a gate asks first', () => {
    let tried = 0;
    everywhere(({ known, route: { operations } }) => {
      for (const it of operations) {
        const forbidden = FORBIDDEN[it.method];
        if (!forbidden) continue;
        for (const beliefs of known.filter((one) => it.surfaceIds.includes(one.surfaceId))) {
          for (const variable of ['substrate', 'finish'] as const) {
            const chances: Readonly<Record<string, number>> = beliefs[variable].distribution;
            const chance = (forbidden[variable] ?? []).reduce(
              (sum, id) => sum + (chances[id] ?? 0),
              0,
            );
            tried++;
            if (chance >= 0.1) expect([it.method, variable, ...it.holds]).toContain('substrate');
          }
        }
      }
    });
    if (isThorough) expect(tried).toBeGreaterThan(500);
  });
});

describe('what a material does to a film', () => {
  const shellacked = (scheme: ReturnType<typeof painted>, wish?: 'heat') =>
    planRoute(
      pieceOf({
        template: 'table',
        known: { top: { substrate: 'hardwood', wood: 'pale', finish: 'shellac', bleed: 'none' } },
        aims: { top: scheme },
        ...(wish ? { wish } : {}),
      }),
      USUAL_SHOP,
    );

  it('no alcohol on shellac that stays', () => {
    const { operations } = shellacked(painted('mid'));
    const dedust = operations.find((it) => it.method === 'dedust-damp');
    expect(dedust?.how.join(' ')).toMatch(/No alcohol/);
    expect(dedust?.materials).not.toContain('Methylated spirit');
  });

  it('no heat gun on lacquer or shellac, even where it is asked for', () => {
    const route = shellacked(clear(), 'heat');
    expect(route.operations.map((it) => it.method)).not.toContain('strip-heat');
    expect(JSON.stringify(route.refusals)).toMatch(/lacquer burns in a flash/);
  });

  it('gel after a scraper or a heat gun keeps its protection and its night of drying', () => {
    everywhere(({ route: { operations } }) => {
      for (const it of operations.filter((one) =>
        ['strip-scrape', 'strip-heat'].includes(one.method),
      )) {
        expect(it.protection.join(' ')).toMatch(/Gloves matched.*|Organic-vapour/);
        expect(it.wait?.minutes).toBeGreaterThanOrEqual(12 * H);
      }
    });
  });
});

describe('what tips over', () => {
  const anchored = (template: 'chest' | 'cabinet', height: number, childsRoom = false): boolean =>
    planRoute(
      pieceOf({
        template,
        measures: { height, legHeight: 100 },
        childsRoom,
        aims: { top: painted('mid') },
      }),
      USUAL_SHOP,
    ).operations.some((it) => it.method === 'anchor');

  // ASTM F2057-23 and 16 CFR 1261: clothing storage of 27 in (686 mm) or more; by the practice of the
  // trade any free-standing case of that height where children come (values from memory).
  it.each([
    ['chest', 685, false, false],
    ['chest', 686, false, true],
    ['cabinet', 680, false, false],
    ['cabinet', 800, false, true],
    ['cabinet', 800, true, true],
    ['cabinet', 1200, false, true],
  ] as const)('a %s of %i mm, for a child %s: anchored %s', (template, height, child, told) => {
    expect(anchored(template, height, child)).toBe(told);
  });
});
