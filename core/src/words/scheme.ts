import type { TopcoatWish } from '../catalog';
import { EFFECT_WORDS, SHADE_WORDS, STAIN_WORDS, topcoatWords } from './terms';

type Shade = keyof typeof SHADE_WORDS;
type Topcoat = TopcoatWish | 'none';

/** What of a scheme is told in words. */
type SchemeTold =
  | {
      readonly kind: 'painted';
      readonly shade: Shade;
      readonly effect?: keyof typeof EFFECT_WORDS | undefined;
      readonly topcoat: Topcoat;
    }
  | {
      readonly kind: 'stained';
      readonly shade: Shade;
      readonly stain?: keyof typeof STAIN_WORDS | undefined;
      readonly toned?: boolean | undefined;
      readonly bleached?: boolean | undefined;
      readonly topcoat: Topcoat;
    }
  | {
      readonly kind: 'clear';
      readonly bleached?: boolean | undefined;
      readonly topcoat: Topcoat;
    }
  | {
      readonly kind: 'washed';
      readonly shade: Shade;
      readonly stainOver?: Shade | undefined;
      readonly topcoat: Topcoat;
    }
  | { readonly kind: 'veneered'; readonly shade?: Shade | undefined; readonly topcoat: Topcoat }
  | { readonly kind: 'touchedIn' }
  | { readonly kind: 'freshened' }
  | { readonly kind: 'leave' };

const bleachedFirst = (it: { readonly bleached?: boolean | undefined }): string =>
  it.bleached ? 'bleached, ' : '';

/** A scheme in words: "painted, pale colour, waterborne clear". */
export const schemeInWords = (it: SchemeTold): string => {
  switch (it.kind) {
    case 'painted':
      return `painted, ${SHADE_WORDS[it.shade]}${EFFECT_WORDS[it.effect ?? 'plain']}, ${topcoatWords(it.topcoat)}`;
    case 'stained':
      return `${bleachedFirst(it)}stained ${it.shade}${it.stain && it.stain !== 'oil' ? ` with ${STAIN_WORDS[it.stain]}` : ''}${it.toned ? ', toned' : ''}, ${topcoatWords(it.topcoat)}`;
    case 'clear':
      return `${bleachedFirst(it)}clear, ${topcoatWords(it.topcoat)}`;
    case 'washed':
      return `wash over wood, ${SHADE_WORDS[it.shade]}${it.stainOver ? `, stained ${it.stainOver} over it` : ''}, ${topcoatWords(it.topcoat)}`;
    case 'veneered':
      return `new veneer, ${it.shade ? `stained ${it.shade}` : 'clear'}, ${topcoatWords(it.topcoat)}`;
    case 'touchedIn':
      return 'mended in spots';
    case 'freshened':
      return 'freshened up';
    case 'leave':
      return 'left as it is';
  }
};

const NEW_PART_WORDS = { solid: 'new solid wood', plywood: 'new plywood', board: 'new fibreboard' };
const APPLICATOR_WORDS = { brush: 'by brush', roller: 'by roller', gun: 'by gun' };

/** What of an aim is told in words beside its scheme. */
interface AimTold {
  readonly scheme: SchemeTold;
  readonly newPart?: keyof typeof NEW_PART_WORDS | undefined;
  readonly applicator?: keyof typeof APPLICATOR_WORDS | 'best' | undefined;
}

/** An aim in words: "new plywood, painted, pale colour, waterborne clear, by gun". */
export const aimInWords = ({ scheme, newPart, applicator = 'best' }: AimTold): string =>
  [
    ...(newPart ? [NEW_PART_WORDS[newPart]] : []),
    schemeInWords(scheme),
    ...(applicator === 'best' ? [] : [APPLICATOR_WORDS[applicator]]),
  ].join(', ');
