import { COATINGS, TOPCOATS, type Coating, type TopcoatWish } from '../catalog';
import { isCoated, isLightColour, type Scheme } from '../piece';
import { CHOICE_WORDS } from '../words';
import { may } from './interface';

const { topcoatChoice: WORDS } = CHOICE_WORDS;

/** What stands against a topcoat over a scheme, and what to use instead. */
export interface TopcoatVerdict {
  readonly rule:
    | 'oil-clear-over-pale-paint'
    | 'oil-wants-open-wood'
    | 'solvent-lifts-what-is-below'
    | 'water-over-fresh-oil'
    | 'wax-is-the-last-coat';
  readonly may: 'never' | 'note';
  readonly because: string;
  readonly waysOut: readonly string[];
}

/** The coating behind a wish for a topcoat. */
export const topcoatCoating = (wish: TopcoatWish): Coating => TOPCOATS.get(wish).coating;

/** What is planned where a wish is refused: the first of these that goes over the coat below. */
const INSTEAD: readonly Coating[] = ['waterClear', 'hardOil', 'pasteWax'];

/** The topcoat in place of one that is refused, over the coat below it. */
export const topcoatInstead = (scheme: Scheme, under?: Coating): Coating =>
  INSTEAD.find((it) => {
    const meets = under ? may(it, { of: 'coat', id: under }).may : 'ok';
    const yellows = COATINGS.get(it).yellows && isLightColour(scheme);
    return (meets === 'ok' || meets === 'scuff') && !yellows;
  }) ?? 'waterClear';

/**
 * May this topcoat go over this colour? Common practice, no source: oil-based clears yellow,
 * which shows over white and pale paint; oil works in open wood only; nothing sticks over wax.
 * @param under the last coat below the topcoat, where there is one
 * @returns undefined where nothing stands against it
 */
export const judgeTopcoat = (scheme: Scheme, under?: Coating): TopcoatVerdict | undefined => {
  if (!isCoated(scheme) || scheme.topcoat === 'none') return undefined;
  if (COATINGS.get(topcoatCoating(scheme.topcoat)).yellows && isLightColour(scheme)) {
    return {
      rule: 'oil-clear-over-pale-paint',
      may: 'never',
      ...WORDS.yellows,
    };
  }
  const meets = under && may(topcoatCoating(scheme.topcoat), { of: 'coat', id: under });
  if (meets?.may === 'barrier') {
    return {
      rule: 'water-over-fresh-oil',
      may: 'never',
      because: meets.because,
      ...WORDS.freshOil,
    };
  }
  if (meets?.may === 'never' && scheme.topcoat === 'lacquer') {
    return {
      rule: 'solvent-lifts-what-is-below',
      may: 'never',
      because: meets.because,
      ...WORDS.lifts,
    };
  }
  if (meets?.may === 'never') {
    return {
      rule: 'oil-wants-open-wood',
      may: 'never',
      because: meets.because,
      ...WORDS.wantsOpenWood,
    };
  }
  if (scheme.topcoat === 'wax') {
    return {
      rule: 'wax-is-the-last-coat',
      may: 'note',
      ...WORDS.waxIsLast,
    };
  }
  return undefined;
};
