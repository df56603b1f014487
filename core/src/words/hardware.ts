import { counted, listed } from './language';

/** What becomes of fittings, in words. */
export const DISPOSITIONS = {
  keep: 'keep as it is',
  clean: 'soak and polish',
  repaint: 'repaint',
  replace: 'replace',
  reuse: 'use elsewhere',
} as const;

/**
 * What should be thought of before the fittings are dealt with.
 * Common practice: a set with one missing is usually replaced; another hole spacing wants the old
 * holes filled first.
 */
export const hardwareAdvice = (it: {
  readonly missing: number;
  readonly disposition: keyof typeof DISPOSITIONS;
  readonly holeSpacingMm: number | null;
  /** The new ones sit on other holes; null where nobody has said what they are like. */
  readonly moves: boolean | null;
}): string | undefined => {
  if (it.missing > 0 && it.disposition !== 'replace') {
    return `${it.missing} missing: usually the whole set is replaced, or one is found to match.`;
  }
  if (it.disposition === 'replace') {
    if (it.moves === false) return 'The new ones fit the old holes: nothing to fill or drill.';
    return it.holeSpacingMm === null
      ? 'Measure the hole spacing before buying new ones.'
      : `New ones with another spacing than ${it.holeSpacingMm} mm: fill the old holes, mark all by a jig, then drill.`;
  }
  return undefined;
};

/** "3 pulls and 2 knobs". */
export const fittingsInWords = (
  fittings: readonly { readonly kind: string; readonly count: number }[],
): string => listed(fittings.map((it) => counted(it.count, it.kind)));
