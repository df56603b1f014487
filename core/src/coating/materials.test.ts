import { differenceCiede2000, modeLab65, useMode } from 'culori/fn';
import fc from 'fast-check';
import {
  COATINGS,
  FACE_COLOURS,
  LAYERS,
  MEETINGS,
  NATURES,
  PALETTE,
  natureOf,
  type Layer,
} from '../catalog';
import {
  checkGap,
  coatsOverFace,
  contrastRatio,
  coverageM2PerLitre,
  filmUm,
  litresFor,
  may,
  reflectanceOf,
  reflectanceOver,
  shadeOf,
  tintFor,
} from './index';

const old = (id: Extract<Layer, { of: 'old' }>['id']): Layer => ({ of: 'old', id });
const coat = (id: Extract<Layer, { of: 'coat' }>['id']): Layer => ({ of: 'coat', id });
const on = (id: Extract<Layer, { of: 'substrate' }>['id']): Layer => ({ of: 'substrate', id });

describe('what may go over what', () => {
  it('is answered with a reason for every coat over every layer, and every nature is met', () => {
    for (const over of COATINGS.ids) {
      for (const under of LAYERS) {
        expect(Object.values(MEETINGS)).toContain(may(over, under));
      }
    }
    expect(new Set(LAYERS.map(natureOf))).toEqual(new Set(NATURES));
  });

  it.each([
    // Common practice, no source.
    ['wallPaint', old('wax'), 'never'],
    ['oilClear', coat('pasteWax'), 'never'],
    ['pasteWax', coat('wallPaint'), 'ok'],
    ['oilStain', old('varnish'), 'never'],
    ['oilStain', on('foil'), 'never'],
    ['oilStain', on('veneerCore'), 'ok'],
    ['gelStain', old('varnish'), 'scuff'],
    ['bonding', on('hpl'), 'scuff'],
    ['wallPaint', on('hpl'), 'barrier'],
    ['wallPaint', old('factory'), 'barrier'],
    ['wallPaint', on('board'), 'barrier'],
    ['acrylic', old('alkyd'), 'scuff'],
    ['wallPaint', coat('pigmentedShellac'), 'scuff'],
    ['waterClear', coat('hardOil'), 'barrier'],
    ['waterClear', coat('oilStain'), 'ok'],
    ['waterClear', coat('glaze'), 'ok'],
    ['wallPaint', coat('wallPaint'), 'ok'],
    ['clearShellac', coat('hardOil'), 'ok'],
    // Dewaxed shellac under another kind; wax in it makes the next film let go.
    ['waterClear', coat('clearShellac'), 'scuff'],
    ['waterClear', coat('waxedShellac'), 'barrier'],
    ['oilClear', coat('waxedShellac'), 'barrier'],
    ['waxedShellac', coat('waxedShellac'), 'ok'],
    // Filler over sealed stain; no water stain over oil, nor oil over what is sealed.
    ['grainFiller', coat('oilStain'), 'barrier'],
    ['grainFiller', coat('washcoat'), 'ok'],
    ['waterStain', coat('oilStain'), 'never'],
    ['waterStain', coat('conditioner'), 'never'],
    ['waterStain', on('hardwood'), 'ok'],
    ['hardOil', coat('gelStain'), 'never'],
    ['hardOil', old('oil'), 'ok'],
    ['hardOil', old('varnish'), 'never'],
    // Gel as a glaze over chalk paint; water over fresh oil only with shellac between.
    ['gelStain', coat('mineralPaint'), 'ok'],
    ['gelStain', coat('wash'), 'ok'],
    ['waterClear', coat('tintedOil'), 'barrier'],
    // Distemper is washed off before water-based coats; what binds may stay on it.
    ['wallPaint', old('milk'), 'barrier'],
    ['acrylic', old('milk'), 'barrier'],
    ['bonding', old('milk'), 'ok'],
    ['wallPaint', old('chalk'), 'ok'],
    // Silicone craters all but shellac.
    ['waterClear', { of: 'soil', id: 'silicone' }, 'barrier'],
    ['cabinetEnamel', { of: 'soil', id: 'silicone' }, 'barrier'],
    ['pigmentedShellac', { of: 'soil', id: 'silicone' }, 'ok'],
    // Solvent lacquer melts into its own kind and lifts paint and varnish.
    ['lacquer', old('lacquer'), 'ok'],
    ['lacquer', old('varnish'), 'never'],
    ['lacquer', coat('cabinetEnamel'), 'never'],
    ['lacquer', coat('clearShellac'), 'scuff'],
    ['twoPartClear', old('waterClear'), 'scuff'],
    ['oilClear', old('waxedFilm'), 'never'],
    ['alkydBlocker', old('alkyd'), 'scuff'],
    ['allInOne', on('foil'), 'barrier'],
    ['metalWax', coat('waterClear'), 'ok'],
    ['waterClear', coat('metalWax'), 'never'],
  ] as const)('%s over %j: %s', (over, under, verdict) => {
    expect(may(over, under).may).toBe(verdict);
  });
});

describe('film', () => {
  it('covers 10 · VS% ÷ µm m² from a litre, and 1604 ft² from a US gallon at 1 mil and 100 %', () => {
    // Theoretical coverage, as paint data sheets give it (value from memory).
    expect(coverageM2PerLitre(0.4, 40)).toBeCloseTo(10, 9);
    const ft2 = coverageM2PerLitre(1, 25.4) * 3.785411784 * 10.7639104;
    expect(ft2).toBeCloseTo(1604, 0);
  });

  it('of a litre spread over its area is the wet film given', () => {
    for (const it of COATINGS.rows.filter((row) => row.wetUm > 0)) {
      expect(litresFor(it.id, 1e6)).toBeCloseTo(it.wetUm / 1000, 9);
    }
    expect(filmUm(['acrylic', 'wallPaint', 'wallPaint'])).toBeCloseTo(36 + 36 + 36, 9);
    // What soaks in goes about 12 m² a litre (common practice, no source).
    expect(litresFor('waterStain', 6e6)).toBeCloseTo(0.5, 2);
  });

  it('on both faces closes a gap twice, and what is missing is sanded off each', () => {
    expect(checkGap(500, 100, 2, 400)).toEqual({ closesUm: 200, leftUm: 300, sandDownUm: 50 });
    expect(checkGap(1000, 100, 2, 400).sandDownUm).toBe(0);
    expect(checkGap(500, 200, 1, 400).sandDownUm).toBe(100);
  });
});

describe('the shade of a colour', () => {
  // Greys whose L* is known: sRGB #777777 is 50, #b9b9b9 is 75 (CIE 1976, value from memory).
  it.each([
    ['#ffffff', 'white'],
    ['#b9b9b9', 'pale'],
    ['#777777', 'mid'],
    ['#010101', 'dark'],
  ] as const)('%s is %s', (hex, shade) => {
    expect(shadeOf(hex)).toBe(shade);
  });
});

describe('hiding by Kubelka and Munk', () => {
  const r = fc.double({ min: 0.03, max: 0.94, noNaN: true });
  const thin = fc.double({ min: 0.01, max: 6, noNaN: true });

  it('a film without end shows its own colour, one without thickness its ground', () => {
    fc.assert(
      fc.property(r, r, (infinite, ground) => {
        expect(reflectanceOver(infinite, 500, ground)).toBeCloseTo(infinite, 6);
        expect(reflectanceOver(infinite, 0, ground)).toBe(ground);
      }),
    );
  });

  it('a film over a ground of its own colour makes no difference', () => {
    fc.assert(
      fc.property(r, thin, (infinite, scatter) => {
        expect(reflectanceOver(infinite, scatter, infinite)).toBeCloseTo(infinite, 9);
      }),
    );
  });

  it('over white it is what it is over black, and what the ground sends back through it', () => {
    // R = R0 + T² Rg ÷ (1 − R0 Rg), T = b ÷ (a sinh bSX + b cosh bSX).
    fc.assert(
      fc.property(r, thin, r, (infinite, scatter, ground) => {
        const [a, b] = [(1 / infinite + infinite) / 2, (1 / infinite - infinite) / 2];
        const t = b / (a * Math.sinh(b * scatter) + b * Math.cosh(b * scatter));
        const black = reflectanceOver(infinite, scatter, 0);
        const expected = black + (t * t * ground) / (1 - black * ground);
        expect(reflectanceOver(infinite, scatter, ground)).toBeCloseTo(expected, 9);
      }),
    );
  });

  it('a film that absorbs nothing sends back SX ÷ (1 + SX) over black', () => {
    expect(reflectanceOver(0.999999, 3, 0)).toBeCloseTo(3 / 4, 4);
  });

  it('the more film, the nearer black and white come to each other', () => {
    for (const { hex } of PALETTE.rows) {
      const ratios = [1, 2, 3, 4].map((scatter) => contrastRatio(reflectanceOf(hex), scatter));
      expect([...ratios].sort((a, b) => a - b)).toEqual(ratios);
    }
  });
});

it('CIEDE2000 gives the published differences', () => {
  // Sharma, Wu, Dalal 2005, table 1 (value from memory).
  useMode(modeLab65);
  const deltaE = differenceCiede2000();
  const lab = (l: number, a: number, b: number) => ({ mode: 'lab65', l, a, b }) as const;
  expect(deltaE(lab(50, 2.6772, -79.7751), lab(50, 0, -82.7485))).toBeCloseTo(2.0425, 4);
  expect(deltaE(lab(50, 3.1571, -77.2803), lab(50, 0, -82.7485))).toBeCloseTo(2.8615, 4);
  expect(deltaE(lab(2.0776, 0.0795, -1.135), lab(0.9033, -0.0636, -0.5514))).toBeCloseTo(0.9082, 4);
});

describe('coats to cover', () => {
  const { darkWood } = FACE_COLOURS;
  const MORE = 99;
  const [yellow, orange, brightRed, deepRed] = [
    '#f5c400',
    '#ee7010',
    '#d31f1f',
    '#7a1f22',
  ] as const;
  const [white, grey, navy] = ['#f4f1e8', '#9a9a98', '#22303d'] as const;
  const overWood = (colour: string): number => {
    const { coats, neverCovers } = coatsOverFace(colour, darkWood);
    return neverCovers ? MORE : coats;
  };

  // Common practice, no source: over dark wood, or "needs a tinted ground" where even six won't do.
  it.each([
    ['white', white, 3, 5],
    ['grey', grey, 2, 3],
    ['navy', navy, 2, 2],
    ['clean yellow', yellow, 4, MORE],
    ['orange', orange, 4, MORE],
    ['bright red', brightRed, 4, MORE],
    ['deep red', deepRed, 3, 4],
  ])('of %s over dark wood', (_, colour, least, most) => {
    expect(overWood(colour)).toBeGreaterThanOrEqual(least);
    expect(overWood(colour)).toBeLessThanOrEqual(most);
  });

  it('over the primer that suits it fewer, one or two over white, yellow and red most of all', () => {
    for (const colour of [white, yellow, orange, brightRed]) {
      const primed = tintFor(colour).cover;
      expect(primed.neverCovers).toBe(false);
      expect(primed.coats).toBeLessThan(overWood(colour));
      expect(primed.coats).toBeLessThanOrEqual(4);
    }
    expect(tintFor(white).tint).toBe('white');
    for (const colour of [yellow, brightRed]) expect(tintFor(colour).tint).toBe('toned');
    for (const { hex } of PALETTE.rows) {
      expect(tintFor(hex).cover.coats).toBeLessThanOrEqual(overWood(hex));
    }
  });

  it('no light primer waits below a dark colour to show through a chip', () => {
    for (const colour of [navy, '#262524', '#2f4f3e', '#552f47']) {
      expect(tintFor(colour).tint).toBe('toned');
    }
  });

  it('every coat brings it nearer', () => {
    const { leftAfter } = coatsOverFace('#efe3c2', darkWood);
    expect([...leftAfter].sort((a, b) => b - a)).toEqual(leftAfter);
  });
});
