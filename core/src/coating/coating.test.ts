import { painted, stained, clear, LEAVE } from '../testing/pieces';
import { USUAL_SHOP } from '../piece';
import { PRIMER_RULES, choosePrimer, judgeTopcoat, type PrimerNeed } from './index';

const need = (part: Partial<PrimerNeed> = {}): PrimerNeed => ({
  scheme: painted('pale'),
  substrate: 'hardwood',
  film: 'bare',
  glossy: false,
  bleed: 'tannin',
  bleedChance: 0,
  knots: false,
  odour: false,
  schools: USUAL_SHOP.schools,
  ...part,
});

describe('the primer, by need (common practice, no source)', () => {
  it.each([
    ['bleed', { bleedChance: 0.6 }, 'pigmentedShellac', 2],
    ['knots', { knots: true, bleed: 'resin' }, 'pigmentedShellac', 2],
    ['odour', { odour: true, film: 'varnish' }, 'pigmentedShellac', 2],
    ['printed foil', { substrate: 'foil', film: 'factory' }, 'bonding', 1],
    ['a factory-cured film', { film: 'factory', glossy: true }, 'bonding', 1],
    ['bare board', { substrate: 'board' }, 'sealing', 2],
    ['a sound old film', { film: 'alkyd' }, 'acrylic', 1],
    ['bare wood that does not bleed', {}, 'acrylic', 1],
    [
      'old dye under a clear coat',
      { scheme: clear(), bleed: 'dye', bleedChance: 0.7 },
      'clearShellac',
      2,
    ],
  ] as const)('for %s', (_, part, primer, coats) => {
    const chosen = choosePrimer(need(part));
    expect(chosen?.primer).toMatchObject({ id: primer, coats });
    expect(chosen?.because).not.toBe('');
    expect(PRIMER_RULES.map((it) => it.id)).toContain(chosen?.rule);
  });

  it('is shellac rather than bonding where a glossy film lies over wood that bleeds', () => {
    expect(choosePrimer(need({ glossy: true, film: 'factory', bleedChance: 0.8 }))?.primer.id).toBe(
      'pigmentedShellac',
    );
  });

  it('is none where wood is to be seen and does not run', () => {
    expect(
      choosePrimer(need({ scheme: stained(), bleedChance: 0.9, bleed: 'tannin' })),
    ).toBeUndefined();
    expect(choosePrimer(need({ scheme: LEAVE, bleedChance: 1 }))).toBeUndefined();
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
