import { ofEveryRoute } from '../testing/everyRoute';
import {
  COAT_WORDS,
  LOOK_WORDS,
  STRIP_WORDS,
  about,
  careRules,
  cautionsOf,
  counted,
  inCoats,
  inDialect,
  listed,
  papers,
  papersInTurn,
  schemeInWords,
  stepInWords,
} from './index';

// Sentences are made here of typed facts; what is checked is that they say the facts.

// Names of materials in the United States and in Britain (common practice, no source).
it('calls materials as they are called where the shop measures', () => {
  const told = { how: ['Mineral spirits on a rag, or lacquer thinner.'], id: 'mineral-spirits' };
  expect(inDialect(told, 'metric')).toEqual({
    how: ['White spirit on a rag, or cellulose thinner.'],
    id: 'mineral-spirits',
  });
  expect(inDialect(told, 'us')).toBe(told);
});

describe('lists and numbers', () => {
  it.each([
    [[], ''],
    [['top'], 'top'],
    [['top', 'legs'], 'top and legs'],
    [['top', 'legs', 'apron'], 'top, legs and apron'],
  ])('%j: “%s”', (items, words) => {
    expect(listed(items)).toBe(words);
  });

  it('count in the right number', () => {
    expect(counted(1, 'coat')).toBe('1 coat');
    expect(counted(3, 'coat')).toBe('3 coats');
    expect(counted(2, 'leaf', 'leaves')).toBe('2 leaves');
    expect(inCoats('paste wax', 1)).toBe('paste wax');
    expect(inCoats('paste wax', 2)).toBe('paste wax, 2 coats');
  });

  it('papers in a title and in a sentence', () => {
    expect(papers([80, 120])).toBe('P80 · P120');
    expect(papersInTurn([80, 120, 180])).toBe('P80, then P120, then P180');
  });

  it('what is said of some surfaces names them, what holds of all does not', () => {
    expect(about(['Top', 'Legs'], 'greasy.')).toBe('Top, Legs: greasy.');
    expect(about([], 'Greasy.')).toBe('Greasy.');
  });

  it.each([
    [[2], 'layer 2'],
    [[1, 2, 3], 'layers 1–3'],
    [[1, 3], 'layers 1, 3'],
  ])('layers %j: “%s”', (layers, words) => {
    expect(LOOK_WORDS.layersInWords(layers)).toBe(words);
  });
});

describe('sentences', () => {
  it('of schemes', () => {
    expect(
      schemeInWords({ kind: 'painted', shade: 'pale', effect: 'glazed', topcoat: 'wax' }),
    ).toBe('painted, pale colour, glazed, wax');
    expect(schemeInWords({ kind: 'veneered', topcoat: 'none' })).toBe(
      'new veneer, clear, no topcoat',
    );
    expect(schemeInWords({ kind: 'leave' })).toBe('left as it is');
  });

  it('of steps with their waits', () => {
    expect(
      stepInWords({ title: 'Scuff P150', minutes: 14, wait: { minutes: 20, until: 'dry' } }, 3),
    ).toBe('3. Scuff P150 (14 min, then wait 20 min until dry)');
    expect(stepInWords({ title: 'Hang the doors', minutes: 75, wait: null }, 9)).toBe(
      '9. Hang the doors (1 h 15)',
    );
  });

  it('of dulling say what grips on what; between coats of one kind, that they lie smoother', () => {
    expect(COAT_WORDS.dull.because(220, 'pigmentedShellac', 'cabinetEnamel')).toBe(
      'P220 dulls the pigmented shellac blocker so that the waterborne cabinet enamel grips.',
    );
    expect(COAT_WORDS.dull.because(220, 'clearShellac', 'clearShellac')).toMatch(/smoother/);
    expect(COAT_WORDS.dull.because(220, 'acrylic', null)).toMatch(/the next coat grips/);
  });

  it('of a way not taken say which way, and by how much', () => {
    const { more, less } = STRIP_WORDS.stripChoice;
    expect(more(12, 'top')).toMatch(/^about 12 min more on top/);
    expect(less(5, 'top', 'wish', 'gel stripper')).toMatch(/but you asked for gel stripper$/);
    expect(less(5, 'top', 'shop', 'gel stripper')).toMatch(/but the shop works with gel stripper$/);
  });

  it('of hazards come once each, and each has its last word', () => {
    const all = cautionsOf(['flammable', 'flammable', 'selfHeating', 'skin']);
    expect(all).toHaveLength(2);
    for (const it of all) expect(it.lastWord).toMatch(/last word\.$/);
  });

  it('of care tell wax and oil only where they are', () => {
    const plain = careRules({ cureDays: 21, waxed: false, oiled: false }).join(' ');
    expect(plain).toMatch(/For 21 days/);
    expect(plain).not.toMatch(/Wax:|Oil:/);
    expect(careRules({ cureDays: 30, waxed: true, oiled: false }).join(' ')).toMatch(/Wax:/);
    expect(careRules({ cureDays: 7, waxed: false, oiled: true }).join(' ')).toMatch(/ignite/);
  });

  it('on any route are whole: nothing is left blank, unknown or double', () => {
    ofEveryRoute(({ route }) => {
      const all = route.operations.flatMap((it) => [
        it.title,
        ...it.how,
        ...it.reasons.map((one) => one.text),
        ...it.cautions.map((one) => one.text),
        ...it.checks.map((one) => one.question),
        ...it.insteadOf.map((one) => one.because),
      ]);
      const broken = all.filter((it) =>
        /undefined|NaN|null|\[object| {2}|: \.|^\s*$|\.\.$/.test(it),
      );
      expect(broken).toEqual([]);
      const reasons = route.operations.flatMap((it) => it.reasons.map((one) => one.text));
      expect(reasons.filter((it) => !/[.!?]$/.test(it))).toEqual([]);
      expect(reasons.filter((it) => !/^[A-Z0-9“]/.test(it))).toEqual([]);
    }, 300);
  });
});
