import { PAPER_CHOICES, WAITS, WOODS } from '../../catalog';
import { SAND_WORDS as WORDS } from '../../words';
import { effort, type Effort } from '../../work';
import type { Draft } from './rule';
import { wait } from './common';
import { mayBe, type SurfaceContext } from '../context/context';

/** Woods that the face may be of, and whose dust makes people allergic. */
const allergicTo = ({ beliefs, substrate }: SurfaceContext) =>
  WOODS.rows
    .filter((it) => substrate.wood && it.sensitises && mayBe(beliefs.wood.distribution[it.id]))
    .map((it) => WORDS.ALLERGIC(it.label));

/** Dry sanding: dust, and what keeps it out of lungs and room. */
export const drySanding = (
  s: SurfaceContext,
  it: Draft & { readonly grits: readonly number[] },
): Draft => {
  const { grits, ...draft } = it;
  return {
    ...draft,
    traits: { grits, ...draft.traits },
    protection: [
      'p100Filter',
      s.shop.tools.includes('extractor') ? 'extraction' : 'outdoorsOrShut',
      'hearing',
    ],
    cautions: [WORDS.DUST, ...allergicTo(s)],
  };
};

/** Wet sanding by hand, where lead lies below: no dust, and the slurry wiped up and bagged. */
export const sandWet = (it: Draft): Draft => ({
  ...it,
  traits: { grits: [PAPER_CHOICES.wet], ...it.traits },
  wait: wait(WAITS.afterWetSanding, 'dryOvernight'),
  cautions: WORDS.wetSand.cautions,
});

/** Effort by the sanding model's own minutes. */
export const byModel = (minutes: number): Effort => effort('ladder', minutes);
