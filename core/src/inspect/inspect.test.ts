import fc from 'fast-check';
import { VARIABLES, type Variable } from '../catalog';
import { USUAL_SHOP, observation, surfacesOf, type Piece } from '../piece';
import { confirmationOn, pieces } from '../testing/arbitraries';
import { pieceOf, type Told } from '../testing/pieces';
import {
  advisePiece,
  inspectPiece,
  inspectSurface,
  readLeadPpm,
  stateOf,
  sureness,
  type SurfaceBeliefs,
} from './index';

const beliefsOn = (it: Piece, surfaceId = 'top', shop = USUAL_SHOP): SurfaceBeliefs =>
  inspectSurface(it, { id: surfaceId }, shop);

const ALL: readonly Variable[] = ['substrate', 'wood', 'finish', 'bleed', 'lead'];

/** A chance of the catalog as it counts, with one result in thirty-three misread. */
const read = (chance: number, results: number): number => 0.97 * chance + 0.03 / results;

describe('what was taken over from an alike surface', () => {
  const own = pieceOf({ seen: { top: ['edge-grain:thin-line'] } });
  const [look] = own.observations;
  if (!look) throw new Error('One look was told.');
  const copied = { ...look, id: 'copy', copyOf: 'elsewhere' };

  it('counts with the square root of its chances: less than a look of its own', () => {
    // The priors and chances of the case worked out by hand below.
    const weight = {
      solid: 0.22 * Math.sqrt(read(0.05, 4)),
      veneerSolid: 0.032 * Math.sqrt(read(0.76, 4)),
      veneerCore: 0.288 * Math.sqrt(read(0.69, 4)),
      plywood: 0.06 * Math.sqrt(read(0.12, 4)),
      printed: 0.33 * Math.sqrt(read(0.14, 4)),
      board: 0.06 * Math.sqrt(read(0.1, 4)),
      other: 0.01 * Math.sqrt(read(0.2, 4)),
    };
    const sum = Object.values(weight).reduce((a, b) => a + b, 0);
    const { substrate } = beliefsOn({ ...own, observations: [copied] });
    expect(substrate.distribution.veneerCore).toBeCloseTo(weight.veneerCore / sum, 9);
    expect(substrate.distribution.veneerCore ?? 0).toBeLessThan(
      beliefsOn(own).substrate.distribution.veneerCore ?? 0,
    );
  });

  it('gives way to a test on the surface itself, also to an earlier one', () => {
    const later = { ...copied, outcome: 'turns-corner', at: '2027-01-01T00:00:00.000Z' };
    expect(beliefsOn({ ...own, observations: [look, later] }).substrate.distribution).toEqual(
      beliefsOn(own).substrate.distribution,
    );
  });

  it('closes no question of lead: that wood goes up to the face is shown where it is', () => {
    const old = pieceOf({
      years: [1920, 1929],
      seen: { top: ['see-through:clear-film', 'touch:pores', 'chip:wood-through'] },
    });
    const onTop = beliefsOn(old).leadStatus;
    const copies = old.observations.map((it) => ({
      ...it,
      id: `left-${it.id}`,
      surfaceId: 'left',
      copyOf: it.id,
    }));
    const copied = { ...old, observations: [...old.observations, ...copies] };
    expect(onTop.kind).toBe('notAsked');
    expect(beliefsOn(copied, 'left').leadStatus.kind).toBe('open');
    const made = copies.map(({ copyOf: _, ...it }) => it);
    const looked = { ...old, observations: [...old.observations, ...made] };
    expect(beliefsOn(looked, 'left').leadStatus.kind).toBe('notAsked');
  });

  it.each([
    ['a lead result', { testId: 'lead-swab', outcome: 'none', layer: 1 }],
    ['a count of layers', { testId: 'layer-count', outcome: null, value: 3 }],
    ['a measured veneer', { testId: 'veneer-thickness', outcome: null, value: 0.6 }],
  ])('is never %s', (_, result) => {
    const read = observation.safeParse({ ...copied, ...result });
    expect(read.success ? [] : read.error.issues.map((it) => it.path[0])).toContain('copyOf');
  });
});

describe('Bayes, worked by hand', () => {
  it('a thin line along the edge of a top from the 1990s', () => {
    // Prior: solid 0.22; veneer 0.32, a tenth of it on solid; plywood, printed, board, other.
    // Chance of a thin line: 0.05; 0.76 on solid, 0.69 on a board; 0.12, 0.14, 0.10, 0.20.
    const weight = {
      solid: 0.22 * read(0.05, 4),
      veneerSolid: 0.032 * read(0.76, 4),
      veneerCore: 0.288 * read(0.69, 4),
      plywood: 0.06 * read(0.12, 4),
      printed: 0.33 * read(0.14, 4),
      board: 0.06 * read(0.1, 4),
      other: 0.01 * read(0.2, 4),
    };
    const sum = Object.values(weight).reduce((a, b) => a + b, 0);
    const { substrate } = beliefsOn(pieceOf({ seen: { top: ['edge-grain:thin-line'] } }));
    expect(substrate.distribution.veneerCore).toBeCloseTo(weight.veneerCore / sum, 9);
    expect(substrate.distribution.plywood).toBeCloseTo(weight.plywood / sum, 9);
    expect(substrate.distribution.hpl + substrate.distribution.foil).toBeCloseTo(
      weight.printed / sum,
      9,
    );
    expect(substrate.likeliest).toBe('veneerCore');
  });

  it('bleed before any test: what the wood brings, and old stains besides', () => {
    const cherry = { substrate: 'hardwood', wood: 'cherry' };
    const { bleed } = beliefsOn(pieceOf({ known: { top: cherry } }));
    expect(bleed.distribution.tannin).toBeCloseTo(0.65, 9);
    expect(bleed.distribution.none).toBeCloseTo(1 - 0.65 - 0.03 - 0.04, 9);
    const printed = beliefsOn(pieceOf({ known: { top: { substrate: 'foil' } } }));
    expect(printed.bleed.distribution).toMatchObject({ tannin: 0, resin: 0, dye: 0 });
  });

  const alkyd = { finish: 'alkyd' };
  const leadOf = (told: Told): number => beliefsOn(pieceOf(told)).lead.distribution.present;

  // Shares of dwellings with lead paint (HUD American Healthy Homes Survey, from memory).
  it.each([
    [1930, 1939, 0.87],
    [1950, 1959, 0.69],
    [1965, 1974, 0.24],
    // Five of ten years before 1978: 0.5 · 0.24 + 0.5 · 0.01.
    [1973, 1982, 0.125],
    // Half before 1940, half before 1960.
    [1935, 1944, 0.78],
  ])('lead in paint of %i–%i before any result is %f', (from, to, chance) => {
    expect(leadOf({ years: [from, to], known: { top: alkyd } })).toBeCloseTo(chance, 9);
  });

  const old: Told = { years: [1930, 1939], known: { top: alkyd } };
  const oneLayer = { readings: { top: { 'layer-count': 1 } } };
  const found = read(0.6, 2);
  const falseAlarm = read(0.04, 2);

  it('a swab on the only layer that finds nothing: 0.87 · 0.4 against 0.13 · 0.96', () => {
    const present = 0.87 * (1 - found);
    expect(leadOf({ ...old, ...oneLayer, seen: { top: ['lead-swab:notFound:1'] } })).toBeCloseTo(
      present / (present + 0.13 * (1 - falseAlarm)),
      9,
    );
  });

  it('two swabs on two of four layers are one look at half of what there is', () => {
    const told = {
      ...old,
      readings: { top: { 'layer-count': 4 } },
      seen: { top: ['lead-swab:notFound:1', 'lead-swab:notFound:2'] },
    };
    const present = 0.87 * (1 - 0.5 * found);
    expect(leadOf(told)).toBeCloseTo(present / (present + 0.13 * (1 - falseAlarm)), 9);
  });

  it('a full-depth chip speaks of all layers: 0.87 · 0.05 against 0.13 · 0.995', () => {
    const told = {
      ...old,
      readings: { top: { 'layer-count': 4 } },
      seen: { top: ['lead-laboratory-all:notFound'] },
    };
    const present = 0.87 * (1 - read(0.95, 2));
    expect(leadOf(told)).toBeCloseTo(present / (present + 0.13 * (1 - read(0.005, 2))), 9);
  });

  it('a swab that finds nothing makes paint no less likely', () => {
    const paintOn = (seen: readonly string[]): number => {
      const { finish } = beliefsOn(pieceOf({ years: [1930, 1939], seen: { top: seen } }));
      return ['latex', 'alkyd', 'chalk', 'milk'].reduce(
        (sum, id) => sum + finish.distribution[id as 'latex'],
        0,
      );
    };
    expect(paintOn(['lead-swab:notFound:1'])).toBeCloseTo(paintOn([]), 12);
    expect(paintOn(['lead-swab:found:1'])).toBeGreaterThan(2 * paintOn([]));
  });
});

describe('trade signs read as a refinisher reads them (common practice, no source)', () => {
  it.each([
    ['hardwood', ['edge-grain:turns-corner', 'underside:same-figure', 'thumbnail:hard']],
    ['softwood', ['edge-grain:turns-corner', 'thumbnail:dents', 'end-grain-lens:none']],
    ['veneerCore', ['chip:thin-wood', 'underside:board']],
    ['veneerSolid', ['chip:thin-wood', 'underside:other-wood', 'joints:dovetail']],
    ['foil', ['pattern:printed', 'touch:dead-smooth', 'tap:hollow']],
    ['plywood', ['chip:plies']],
    ['board', ['see-through:dull-wood', 'pattern:plain', 'chip:paper', 'screw-dust:crumbs']],
    ['other', ['screw-dust:metal', 'pattern:plain', 'edge-grain:seam', 'underside:same-figure']],
  ])('%s', (substrate, list) => {
    expect(beliefsOn(pieceOf({ seen: { top: list } })).substrate.likeliest).toBe(substrate);
  });

  it('a face that is veneer, on whatever core, is said so as soon as that is clear', () => {
    const told = { years: [1935, 1950] as const, seen: { top: ['chip:thin-wood'] } };
    const { substrate } = beliefsOn(pieceOf(told));
    expect(substrate.p).toBeLessThan(0.65);
    expect(substrate.said.label).toBe('veneer');
    expect(substrate.settled).toBe(true);
  });

  it.each([
    ['shellac', ['see-through:clear-film', 'alcohol:sticky']],
    ['lacquer', ['see-through:clear-film', 'alcohol:nothing', 'lacquer-thinner:reflows']],
    ['varnish', ['see-through:clear-film', 'alcohol:nothing', 'lacquer-thinner:wrinkles']],
    ['factory', ['see-through:clear-film', 'alcohol:nothing', 'lacquer-thinner:nothing']],
    ['wax', ['see-through:dull-wood', 'fingernail:curls', 'mineral-spirits:smears']],
    ['waxedFilm', ['see-through:clear-film', 'fingernail:curls', 'mineral-spirits:smears']],
    ['latex', ['see-through:opaque', 'alcohol:gummy', 'paint-flake:stretches']],
    ['alkyd', ['see-through:opaque', 'paint-flake:snaps', 'alcohol:nothing']],
    ['chalk', ['see-through:opaque', 'water-rub:chalky', 'vinegar-fizz:fizzes']],
    ['milk', ['see-through:opaque', 'ammonia:softens', 'fingernail:nothing', 'water-rub:chalky']],
    [
      'oil',
      ['see-through:dull-wood', 'oil-drop:soaks', 'water-drop:beads', 'mineral-spirits:grime'],
    ],
    [
      'bare',
      ['see-through:dull-wood', 'oil-drop:soaks', 'fingernail:nothing', 'mineral-spirits:nothing'],
    ],
  ])('%s', (finish, list) => {
    const told = { years: [1940, 1960] as const, seen: { top: list } };
    expect(beliefsOn(pieceOf(told)).finish.likeliest).toBe(finish);
  });

  it.each([
    ['tannin', ['bleed-patch:yellow', 'wet-rag:yellow']],
    ['dye', ['bleed-patch:pink', 'wet-rag:red']],
    ['none', ['bleed-patch:clean', 'wet-rag:clean']],
    ['stain', ['smoke-wipe:brown', 'stains-look:dark', 'bleed-patch:yellow']],
    ['resin', ['wood-look:knots-rings', 'knots:yes', 'smell:resin']],
  ])('bleed: %s', (bleed, list) => {
    expect(beliefsOn(pieceOf({ years: [1935, 1960], seen: { top: list } })).bleed.likeliest).toBe(
      bleed,
    );
  });
});

describe('beliefs of any piece', () => {
  it('sum to 1 for every variable of every surface', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        for (const beliefs of inspectPiece(it, USUAL_SHOP)) {
          for (const variable of ALL) {
            const sum = Object.values<number>(beliefs[variable].distribution).reduce(
              (a, b) => a + b,
              0,
            );
            expect(sum).toBeCloseTo(1, 9);
          }
        }
      }),
    );
  });

  it('do not depend on the order in which things were recorded', () => {
    const shuffled = pieces.chain((it) =>
      fc.tuple(
        fc.constant(it),
        fc.shuffledSubarray(it.observations, {
          minLength: it.observations.length,
          maxLength: it.observations.length,
        }),
      ),
    );
    fc.assert(
      fc.property(shuffled, ([it, observations]) => {
        const before = inspectPiece(it, USUAL_SHOP);
        const after = inspectPiece({ ...it, observations }, USUAL_SHOP);
        for (const [index, beliefs] of before.entries()) {
          for (const variable of ALL) {
            for (const { id } of VARIABLES[variable].values) {
              const p = (one: SurfaceBeliefs | undefined) =>
                (one?.[variable].distribution as Record<string, number>)[id] ?? NaN;
              expect(p(after[index])).toBeCloseTo(p(beliefs), 9);
            }
          }
          expect(after[index]?.leadStatus.kind).toBe(beliefs.leadStatus.kind);
        }
      }),
    );
  });

  it('keep what the user confirmed, whatever is seen later', () => {
    const confirmed = pieces.chain((it) =>
      fc.tuple(fc.constant(it), confirmationOn(surfacesOf(it).map((one) => one.id))),
    );
    fc.assert(
      fc.property(confirmed, ([it, confirmation]) => {
        const beliefs = beliefsOn({ ...it, confirmations: [confirmation] }, confirmation.surfaceId);
        expect(beliefs[confirmation.variable]).toMatchObject({
          likeliest: confirmation.value,
          p: 1,
          confirmed: true,
        });
      }),
    );
  });
});

describe('a word of the user', () => {
  const told = { seen: { top: ['chip:thin-wood', 'edge-grain:thin-line'] } };

  it('taken back, leaves exactly what the tests said', () => {
    const without = beliefsOn(pieceOf(told));
    const vouched = beliefsOn(pieceOf({ ...told, known: { top: { substrate: 'hardwood' } } }));
    expect(vouched.substrate.likeliest).toBe('hardwood');
    expect(beliefsOn({ ...pieceOf(told), confirmations: [] }).substrate).toEqual(without.substrate);
  });

  it('against the tests stands, and is reported', () => {
    const { conflicts } = beliefsOn(
      pieceOf({ ...told, known: { top: { substrate: 'hardwood' } } }),
    );
    expect(conflicts[0]?.text).toMatch(/You confirmed solid hardwood; the tests speak for veneer/);
    expect(conflicts[0]?.observationIds).toEqual(['top-chip', 'top-edge-grain']);
  });
});

describe('evidence that disagrees', () => {
  const apart = beliefsOn(
    pieceOf({ seen: { top: ['edge-grain:turns-corner', 'chip:thin-wood'] } }),
  );

  it('is reported with both tests', () => {
    expect(apart.substrate.conflicts).toHaveLength(1);
    expect(apart.substrate.conflicts[0]?.observationIds).toEqual(['top-chip', 'top-edge-grain']);
    expect(apart.substrate.conflicts[0]?.text).toMatch(/solid.*veneer|veneer.*solid/);
  });

  it('comes with a test, not made yet, that would settle it', () => {
    const { settledBy, text } = apart.substrate.conflicts[0] ?? {};
    expect(['underside', 'screw-dust', 'pattern', 'edge-lens', 'joints']).toContain(settledBy);
    expect(text).toMatch(/This would settle it/);
  });

  it('that no explanation makes likely is reported too, though no two results contradict', () => {
    const odd = beliefsOn(
      pieceOf({
        known: { top: { substrate: 'foil', finish: 'factory' } },
        seen: { top: ['iron-drop:black', 'smell:resin', 'knots:yes', 'stains-look:dark'] },
      }),
    );
    expect(odd.conflicts.length).toBeGreaterThan(0);
    expect(stateOf(odd)).toBe('conflict');
  });

  it('leaves less confidence than either test alone, and the surface in conflict', () => {
    const alone = beliefsOn(pieceOf({ seen: { top: ['chip:thin-wood'] } }));
    expect(apart.substrate.p).toBeLessThan(alone.substrate.p);
    expect(apart.substrate.settled).toBe(false);
    expect(stateOf(apart)).toBe('conflict');
  });

  it('is not seen where a third value suits both: a film that alcohol leaves alone', () => {
    const { conflicts } = beliefsOn(
      pieceOf({
        years: [1952, 1956],
        seen: { top: ['see-through:clear-film', 'alcohol:nothing'] },
      }),
    );
    expect(conflicts).toEqual([]);
  });

  it('is not seen where tests merely differ in strength', () => {
    const { conflicts } = beliefsOn(pieceOf({ seen: { top: ['tap:full', 'chip:thin-wood'] } }));
    expect(conflicts).toEqual([]);
  });

  it('says which tests speak for and which against', () => {
    expect(apart.substrate.speaksFor).toEqual(
      apart.substrate.likeliest === 'hardwood' ? ['top-edge-grain'] : ['top-chip'],
    );
    expect(apart.substrate.speaksAgainst).toHaveLength(1);
  });
});

describe('a test made again', () => {
  it('replaces its earlier result instead of counting twice', () => {
    const it = pieceOf({ seen: { top: ['tap:full'] } });
    const [first] = it.observations;
    if (!first) throw new Error('nothing seen');
    const again = { ...first, id: 'again', at: '2026-02-01T00:00:00.000Z' };
    const once = beliefsOn(it).substrate.distribution;
    expect(beliefsOn({ ...it, observations: [first, again] }).substrate.distribution).toEqual(once);
    const other = { ...again, outcome: 'click' };
    const replaced = beliefsOn({ ...it, observations: [first, other] }).substrate.distribution;
    expect(replaced.hpl).toBeGreaterThan(once.hpl);
  });
});

describe('lead', () => {
  const old = { template: 'bench', years: [1931, 1939] } as const;
  const paint = ['see-through:opaque'];
  const statusOf = (told: Parameters<typeof pieceOf>[0], shop = USUAL_SHOP) =>
    beliefsOn(pieceOf({ ...old, ...told }), 'seat', shop).leadStatus;

  it('is open on old paint until the layers are counted and each has a result', () => {
    expect(statusOf({ seen: { seat: paint } })).toMatchObject({ kind: 'open', missingLayers: [] });
    const three = { seat: { 'layer-count': 3 } };
    expect(statusOf({ seen: { seat: paint }, readings: three })).toMatchObject({
      missingLayers: [1, 2, 3],
    });
    const partly = [...paint, 'lead-swab:notFound:1', 'lead-swab:notFound:3'];
    expect(statusOf({ seen: { seat: partly }, readings: three })).toMatchObject({
      kind: 'open',
      missingLayers: [2],
    });
    const all = [...partly, 'lead-swab:notFound:2'];
    const done = statusOf({ seen: { seat: all }, readings: three });
    expect(done).toMatchObject({ kind: 'notFound', layers: 3 });
    expect(done.text).toBe('Not found by swab in layers 1–3 at the seat.');
  });

  it('is open on an old piece that nobody has looked at: there may be paint', () => {
    expect(statusOf({}).kind).toBe('open');
  });

  it('found in one layer stands, whatever the other layers and the year say', () => {
    const told = {
      seen: { seat: ['lead-swab:found:2', 'lead-swab:notFound:1'] },
      years: [1999, 2001],
    } as const;
    expect(statusOf(told)).toMatchObject({ kind: 'found', layers: [2] });
  });

  it('of a layer is decided by a laboratory over a swab', () => {
    const swabs = { seat: [...paint, 'lead-swab:found:1', 'lead-laboratory:notFound:1'] };
    expect(statusOf({ seen: swabs, readings: { seat: { 'layer-count': 1 } } }).kind).toBe(
      'notFound',
    );
  });

  it('names each method with its layers, and the layers that are left', () => {
    const seat = [...paint, 'lead-swab:notFound:1', 'lead-laboratory:notFound:2'];
    const told = { seen: { seat }, readings: { seat: { 'layer-count': 3 } } };
    expect(statusOf(told).text).toBe(
      'Not found by swab in layer 1, by laboratory in layer 2 at the seat. Not tested in layer 3.',
    );
    expect(statusOf(told).results).toHaveLength(2);
  });

  it('for a child’s room is not closed by swabs: a laboratory has to report on each layer', () => {
    const swabbed = { seen: { seat: [...paint, 'lead-swab:notFound:1'] } };
    const counted = { readings: { seat: { 'layer-count': 1 } }, childsRoom: true };
    expect(statusOf({ ...swabbed, ...counted })).toMatchObject({
      kind: 'open',
      missingLayers: [1],
      wants: 'lead-laboratory-all',
    });
    const reported = { seen: { seat: [...paint, 'lead-laboratory:notFound:1'] } };
    expect(statusOf({ ...reported, ...counted }).kind).toBe('notFound');
  });

  it('knows of the layers that were recorded one by one, and of no end to them', () => {
    const told = pieceOf({ ...old, seen: { seat: [...paint, 'lead-swab:notFound:1'] } });
    const layers = [1, 2].map((layer) => ({
      surfaceId: 'seat',
      layer,
      colour: 'green',
      feel: 'brittle' as const,
      thicknessUm: null,
    }));
    expect(beliefsOn({ ...told, layers }, 'seat').leadStatus).toMatchObject({
      missingLayers: [2],
      wants: 'layer-count',
    });
  });

  it.each(['lead-laboratory-all', 'lead-xrf'])('%s answers for all layers at once', (test) => {
    const told = {
      seen: { seat: [...paint, `${test}:notFound`] },
      readings: { seat: { 'layer-count': 5 } },
      childsRoom: true,
    };
    expect(statusOf(told)).toMatchObject({ kind: 'notFound', layers: 5 });
    expect(statusOf(told).text).toMatch(/in all layers at the seat/);
    const found = { ...told, seen: { seat: [...paint, `${test}:found`] } };
    expect(statusOf(found).kind).toBe('found');
  });

  it('wood that is only seen closes nothing on an old piece: it may be painted graining', () => {
    const word = { known: { seat: { finish: 'varnish' } } };
    expect(statusOf({ ...word, seen: { seat: ['see-through:clear-film'] } })).toMatchObject({
      kind: 'open',
      wants: 'chip',
    });
    for (const proof of ['chip:wood-through', 'oil-drop:soaks']) {
      expect(statusOf({ ...word, seen: { seat: ['see-through:clear-film', proof] } }).kind).toBe(
        'notAsked',
      );
    }
  });

  it('is not asked where wood shows, where no layer was counted, or where the piece is younger', () => {
    const shown = { known: { seat: { finish: 'shellac' } }, seen: { seat: ['chip:thin-wood'] } };
    expect(statusOf(shown).kind).toBe('notAsked');
    const bare = { known: { seat: { finish: 'bare' } }, readings: { seat: { 'layer-count': 0 } } };
    expect(statusOf(bare).kind).toBe('notAsked');
    expect(statusOf({ seen: { seat: paint }, years: [1980, 1985] }).kind).toBe('notAsked');
  });

  it('goes by the cut-off year of the shop', () => {
    const told = { seen: { seat: paint }, years: [1980, 1985] } as const;
    expect(statusOf(told, { ...USUAL_SHOP, leadCutoffYear: 1992 }).kind).toBe('open');
  });

  it('is asked of a piece of unknown age', () => {
    expect(statusOf({ seen: { seat: paint }, years: [null, null] }).kind).toBe('open');
  });

  it('is not closed by any number of opinions', () => {
    const known = { seat: { finish: 'alkyd', substrate: 'hardwood', bleed: 'none' } };
    expect(statusOf({ known }).kind).toBe('open');
  });

  it.each([
    // 40 CFR 745.103: 0.5 % by weight is 5000 ppm; 16 CFR 1303: 90 ppm (values from memory).
    [5000, true, /lead-based paint \(5000 ppm or more/],
    [4999, true, /over the 90 ppm/],
    [91, true, /over the 90 ppm/],
    [90, false, /at or under 90 ppm/],
  ])('laboratory figure %d ppm: worked as lead %s', (ppm, found, words) => {
    expect(readLeadPpm(ppm)).toMatchObject({ found });
    expect(readLeadPpm(ppm).text).toMatch(words);
  });

  it('never says that anything is safe', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        for (const { leadStatus } of inspectPiece(it, USUAL_SHOP)) {
          expect(leadStatus.text).not.toMatch(/\bsafe\b/i);
        }
      }),
    );
  });
});

describe('veneer thickness', () => {
  it('is guessed from the age, thinner the younger; thin is its lowest tenth, usual its median', () => {
    const guess = (from: number, to: number) => beliefsOn(pieceOf({ years: [from, to] })).veneer;
    expect(guess(1890, 1900).thinMm).toBeCloseTo(0.9, 1);
    expect(guess(1890, 1900).usualMm).toBeCloseTo(1.4, 1);
    expect(guess(1990, 1999).thinMm).toBeCloseTo(0.45, 1);
    expect(guess(1990, 1999)).toMatchObject({ measured: false });
    expect(guess(1990, 1999).tooThin).toBeCloseTo(0.1, 1);
    expect(guess(1911, 1928).usualMm).toBeLessThan(guess(1890, 1900).usualMm);
  });

  it('measured beats any guess, less what a rule under a lens may be out', () => {
    const { veneer } = beliefsOn(pieceOf({ readings: { top: { 'veneer-thickness': 0.7 } } }));
    expect(veneer.measured).toBe(true);
    expect(veneer.usualMm).toBeCloseTo(0.7, 2);
    // One in ten lies 1.28 standard errors of 0.04 mm below.
    expect(veneer.thinMm).toBeGreaterThan(0.6);
    expect(veneer.thinMm).toBeLessThan(0.68);
  });

  it('counts the thinnest of several readings', () => {
    const [reading] = pieceOf({ readings: { top: { 'veneer-thickness': 0.9 } } }).observations;
    if (!reading) throw new Error('nothing read');
    const again = { ...reading, id: 'again', value: 0.5 };
    const { veneer } = beliefsOn({ ...pieceOf(), observations: [reading, again] });
    expect(veneer.usualMm).toBeLessThan(0.56);
  });
});

describe('moisture', () => {
  const moistureAt = (percent: number, airHumidity = 50) =>
    beliefsOn(pieceOf({ readings: { top: { moisture: percent } } }), 'top', {
      ...USUAL_SHOP,
      airCelsius: 21,
      airHumidity,
    }).moisture;

  it('is damp from three points above the equilibrium in this air', () => {
    // Wood Handbook, table 4-2: 9.2 % at 21 °C and 50 % (value from memory).
    expect(moistureAt(12)).toMatchObject({ damp: false });
    expect(moistureAt(12.5)).toMatchObject({ damp: true });
    expect(moistureAt(12.5)?.text).toMatch(/^12\.5 %, at rest in this air 9\.2 %: 3\.3 points/);
    expect(moistureAt(12.5, 65)).toMatchObject({ damp: false });
  });

  it('is unknown until somebody measures', () => {
    expect(beliefsOn(pieceOf()).moisture).toBeNull();
  });
});

describe('layers seen at a notch', () => {
  const layered = (observations: readonly string[]) => ({
    ...pieceOf({ years: [1935, 1950], seen: { top: observations } }),
    layers: [
      ['white', 'rubbery'],
      ['green', 'brittle'],
      ['clear', 'unknown'],
    ].map(([colour, feel], index) => ({
      surfaceId: 'top',
      layer: index + 1,
      colour: colour ?? '',
      feel: feel as 'rubbery',
      thicknessUm: null,
    })),
  });

  it('are read by how they feel, and never as bare wood', () => {
    const { layers } = beliefsOn(layered([]));
    expect(layers.map((it) => it.likeliest).slice(0, 2)).toEqual(['latex', 'alkyd']);
    for (const it of layers) expect(['bare', 'wax', 'oil']).not.toContain(it.likeliest);
  });

  it('take a solvent test for the layer it was made on, and for no other', () => {
    const without = beliefsOn(layered([]));
    const on = beliefsOn(layered(['alcohol:sticky:3']));
    expect(on.layers[2]?.likeliest).toBe('shellac');
    expect(on.layers[1]).toEqual(without.layers[1]);
    expect(on.finish.distribution).toEqual(without.finish.distribution);
  });
});

describe('sister surfaces', () => {
  const oak = ['chip:wood-through', 'wood-look:rings-pores', 'see-through:clear-film'];

  it('inform each other, weakly', () => {
    const alone = beliefsOn(pieceOf(), 'left');
    const told = beliefsOn(pieceOf({ seen: { top: oak } }), 'left');
    expect(told.wood.distribution.ringPorous).toBeGreaterThan(alone.wood.distribution.ringPorous);
    expect(told.wood.settled).toBe(false);
    expect(told.substrate.settled).toBe(false);
  });

  it('do not come back to the one that was looked at', () => {
    const before = beliefsOn(pieceOf({ seen: { top: oak } }));
    const after = beliefsOn(pieceOf({ seen: { top: oak, left: oak, right: oak } }));
    // Three like sisters make the top somewhat surer, never certain.
    expect(after.wood.p).toBeGreaterThanOrEqual(before.wood.p);
    expect(after.wood.p).toBeLessThan(0.99);
  });
});

describe('what to do next', () => {
  const next = (told: Parameters<typeof pieceOf>[0], surfaceId = 'top') =>
    advisePiece(pieceOf(told), USUAL_SHOP).get(surfaceId)?.[0];

  it('begins with looking, which does no harm, and says what it could change', () => {
    const first = next({});
    expect(first?.test.harm).toBe('None.');
    expect(first?.couldChange).toMatch(/would turn|Narrows/);
  });

  it('is the lead of old paint, layer by layer', () => {
    const told = { years: [1930, 1935], seen: { top: ['see-through:opaque'] } } as const;
    expect(next(told)?.test.id).toBe('layer-count');
    const counted = { ...told, readings: { top: { 'layer-count': 2 } } };
    expect(next(counted)).toMatchObject({ layer: 1, test: { id: 'lead-swab' } });
    const first = { ...counted, seen: { top: ['see-through:opaque', 'lead-swab:notFound:1'] } };
    expect(next(first)).toMatchObject({ layer: 2 });
    expect(next({ ...counted, childsRoom: true })?.test.id).toBe('lead-laboratory-all');
  });

  it('asks nothing of a surface that is left as it is', () => {
    expect(next({ aims: { top: { kind: 'leave' } } })).toBeUndefined();
  });

  it('measures a veneer that may be too thin for what is wanted', () => {
    const told = {
      years: [1995, 1999] as const,
      seen: { top: ['chip:thin-wood', 'edge-grain:thin-line', 'see-through:clear-film'] },
      aims: { top: { kind: 'clear', topcoat: 'none' } as const },
    };
    const list = advisePiece(pieceOf(told), USUAL_SHOP).get('top') ?? [];
    expect(list.map((it) => it.test.id)).toContain('veneer-thickness');
  });

  it('is never a test done already, never scrapes suspect paint, and is worth its minutes', () => {
    fc.assert(
      fc.property(pieces, (it) => {
        const beliefs = new Map(inspectPiece(it, USUAL_SHOP).map((one) => [one.surfaceId, one]));
        for (const [surfaceId, list] of advisePiece(it, USUAL_SHOP)) {
          const lead = beliefs.get(surfaceId)?.leadStatus.kind;
          for (const { test, saves, takes } of list) {
            expect(saves).toBeGreaterThan(takes);
            const top = it.observations.filter(
              (one) => one.surfaceId === surfaceId && (one.layer ?? 1) === 1,
            );
            if (test.kind === 'choice') {
              expect(top.some((one) => one.testId === test.id)).toBe(false);
              expect(test.abrades && (lead === 'open' || lead === 'found')).toBe(false);
            }
          }
        }
      }),
      { numRuns: 40 },
    );
  });
});

it.each([
  [1, 'Confirmed:'],
  [0.98, 'Almost certainly'],
  [0.92, 'Very likely'],
  [0.7, 'Likely'],
  [0.5, 'Perhaps'],
  [0.3, 'Open. Perhaps'],
])('a chance of %d is “%s”', (p, words) => {
  expect(sureness(p)).toBe(words);
});

describe('what damage tells', () => {
  // Common practice, no source: veneer can be missing only where there is veneer.
  it('veneer that is missing or lifts is evidence of veneer', () => {
    for (const damage of ['missingVeneer', 'liftingVeneer'] as const) {
      const told = inspectPiece(pieceOf({ found: { top: [damage] } }), USUAL_SHOP);
      const top = told.find((it) => it.surfaceId === 'top');
      const { distribution } = top?.substrate ?? { distribution: {} };
      const veneer = ['veneerSolid', 'veneerCore'].reduce(
        (sum, id) => sum + ((distribution as Record<string, number>)[id] ?? 0),
        0,
      );
      expect([damage, veneer > 0.75]).toEqual([damage, true]);
    }
  });

  it('a white ring in paint is no conflict', () => {
    const piece = pieceOf({ seen: { top: ['see-through:opaque', 'white-rings:yes'] } });
    const top = inspectPiece(piece, USUAL_SHOP).find((it) => it.surfaceId === 'top');
    expect(top?.conflicts).toEqual([]);
  });

  it('a laboratory that finds none in all layers after a swab that did is told beside it', () => {
    const piece = pieceOf({
      years: [1930, 1939],
      seen: { top: ['see-through:opaque', 'lead-swab:found:1', 'lead-laboratory-all:notFound'] },
    });
    const top = inspectPiece(piece, USUAL_SHOP).find((it) => it.surfaceId === 'top');
    expect(top?.leadStatus.kind).toBe('found');
    expect(top?.leadStatus.text).toMatch(/results disagree.*treated as lead/);
  });
});
