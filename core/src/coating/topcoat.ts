import type { Scheme } from '../piece';

/** What stands against a topcoat over a scheme, and what to use instead. */
export interface TopcoatVerdict {
  readonly rule: 'oil-clear-over-pale-paint' | 'wax-is-the-last-coat';
  readonly may: 'never' | 'note';
  readonly because: string;
  readonly waysOut: readonly string[];
}

/**
 * May this topcoat go over this colour? Common practice, no source: oil-based clears yellow,
 * which shows over white and pale paint; nothing sticks over wax.
 * @returns undefined where nothing stands against it
 */
export const judgeTopcoat = (scheme: Scheme): TopcoatVerdict | undefined => {
  if (scheme.kind === 'leave') return undefined;
  const light = scheme.kind === 'painted' && (scheme.shade === 'white' || scheme.shade === 'pale');
  if (scheme.topcoat === 'oil' && light) {
    return {
      rule: 'oil-clear-over-pale-paint',
      may: 'never',
      because:
        'Oil-based clear yellows: over white or pale paint the whole piece turns yellow, and only stripping or repainting mends it.',
      waysOut: ['Take a waterborne clear instead.', 'Take a mid or dark colour.'],
    };
  }
  if (scheme.topcoat === 'wax') {
    return {
      rule: 'wax-is-the-last-coat',
      may: 'note',
      because: 'Nothing sticks over wax later, and it takes about 30 days to harden.',
      waysOut: ['Take a waterborne clear where it will be touched a lot.'],
    };
  }
  return undefined;
};
