import { painted, stained, clear, LEAVE } from '../testing/pieces';
import { USUAL_SHOP } from '../piece';
import { choosePrimer, judgeTopcoat, type PrimerNeed } from './index';

const CLEAN = { tannin: 0, resin: 0, dye: 0, stain: 0 };
const need = (part: Partial<PrimerNeed> = {}): PrimerNeed => ({
  scheme: painted('pale'),
  m2: 1,
  film: 'bare',
  bleed: CLEAN,
  slick: 0,
  powdery: 0,
  bareBoard: 0,
  odour: false,
  silicone: false,
  cameThrough: false,
  oily: 0,
  waxyFilm: 0,
  schools: USUAL_SHOP.schools,
  ...part,
});
const chosen = (part: Partial<PrimerNeed>) => choosePrimer(need(part));

describe('the primer, by need (common practice, no source)', () => {
  it.each([
    ['bleed', { bleed: { ...CLEAN, tannin: 0.6 } }, 'pigmentedShellac', 2],
    ['knots', { bleed: { ...CLEAN, resin: 0.8 } }, 'pigmentedShellac', 2],
    ['ink or iron in the wood', { bleed: { ...CLEAN, stain: 1 } }, 'pigmentedShellac', 2],
    ['odour', { odour: true, film: 'varnish' }, 'pigmentedShellac', 2],
    ['printed foil', { slick: 1, film: 'factory' }, 'bonding', 1],
    ['a film that may well be factory-cured', { slick: 0.5, film: 'varnish' }, 'bonding', 1],
    ['bare board', { bareBoard: 1 }, 'sealing', 2],
    ['a sound old film', { film: 'alkyd' }, 'acrylic', 1],
    ['bare wood that does not bleed', {}, 'acrylic', 1],
    ['a small chance of bleed', { bleed: { ...CLEAN, tannin: 0.1 } }, 'acrylic', 1],
    [
      'bleed below a dark colour, which hides it',
      { scheme: painted('dark'), bleed: { ...CLEAN, tannin: 0.9 } },
      'acrylic',
      1,
    ],
    [
      'bleed below edges that are rubbed through',
      {
        scheme: { kind: 'painted', shade: 'pale', topcoat: 'none', effect: 'distressed' },
        bleed: { ...CLEAN, tannin: 0.9 },
      },
      'clearShellac',
      2,
    ],
    [
      'old dye under a clear coat',
      { scheme: clear(), bleed: { ...CLEAN, dye: 0.7 } },
      'clearShellac',
      2,
    ],
  ] as const)('for %s', (_, part, primer, coats) => {
    expect(chosen(part)?.primer).toMatchObject({ id: primer, coats });
    expect(chosen(part)?.because).not.toBe('');
  });

  it('is shellac rather than bonding where a glossy film lies over wood that bleeds', () => {
    const both = { slick: 1, film: 'factory', bleed: { ...CLEAN, tannin: 0.8 } } as const;
    expect(chosen(both)?.primer.id).toBe('pigmentedShellac');
  });

  it('by those who prime always, blocks at a chance that others take', () => {
    const some = { bleed: { ...CLEAN, tannin: 0.1 } };
    const always = { ...USUAL_SHOP.schools, prime: 'always' } as const;
    expect(chosen({ ...some, schools: always })?.primer.id).toBe('pigmentedShellac');
  });

  it('is none where wood is to be seen and does not run', () => {
    const tannin = { ...CLEAN, tannin: 0.9 };
    expect(chosen({ scheme: stained(), bleed: tannin })).toBeUndefined();
    expect(chosen({ scheme: LEAVE, bleed: tannin })).toBeUndefined();
  });
});

describe('the topcoat (common practice, no source)', () => {
  it.each(['white', 'pale'] as const)(
    'oil-based clear over %s paint is refused with a way out',
    (shade) => {
      const verdict = judgeTopcoat(painted(shade, 'oil'));
      expect(verdict).toMatchObject({ may: 'never', rule: 'oil-clear-over-pale-paint' });
      expect(verdict?.waysOut[0]).toMatch(/waterborne/i);
    },
  );

  it('oil-based clear over stain, over bare wood and over dark paint is fine', () => {
    for (const it of [
      stained('oil'),
      clear('oil'),
      painted('dark', 'oil'),
      painted('mid', 'oil'),
    ]) {
      expect(judgeTopcoat(it)).toBeUndefined();
    }
  });

  it('wax comes with a note that nothing sticks over it', () => {
    expect(judgeTopcoat(clear('wax'))).toMatchObject({ may: 'note', rule: 'wax-is-the-last-coat' });
  });
});
