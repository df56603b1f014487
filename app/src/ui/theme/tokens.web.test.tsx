import { wcagContrast } from 'culori';
import { PALETTES, TARGET, toneOf, type Mode, type Tone } from './tokens';

const MODES: readonly Mode[] = ['light', 'dark'];
const TONES: readonly Tone[] = ['amber', 'slate', 'moss', 'vermilion', 'plain'];

/** WCAG 2.2, success criterion 1.4.3: 4.5 : 1 for text. Contrast by the culori library. */
const ENOUGH = 4.5;

describe.each(MODES)('colours of the %s mode', (mode) => {
  const palette = PALETTES[mode];

  it.each(['paper', 'card'] as const)('read on %s', (ground) => {
    for (const text of ['ink', 'ink2', 'amber', 'slate', 'moss', 'vermilion'] as const) {
      expect(wcagContrast(palette[text], palette[ground])).toBeGreaterThanOrEqual(ENOUGH);
    }
  });

  it.each(TONES)('read as a tag of tone %s', (tone) => {
    const { text, ground } = toneOf(palette, tone);
    expect(wcagContrast(text, ground)).toBeGreaterThanOrEqual(ENOUGH);
  });

  it('read on the amber fill, on a main button and on the selected part of a drawing', () => {
    expect(wcagContrast(palette.onAmberFill, palette.amberFill)).toBeGreaterThanOrEqual(ENOUGH);
    expect(wcagContrast(palette.card, palette.ink)).toBeGreaterThanOrEqual(ENOUGH);
    expect(wcagContrast(palette.ink, palette.amberSoft)).toBeGreaterThanOrEqual(ENOUGH);
  });
});

it('a target is large enough for a gloved thumb', () => {
  expect(TARGET).toBeGreaterThanOrEqual(48);
});
