import { CHECKS, COATINGS, leavesFilm, type CheckId } from '../../catalog';
import type { Check, Consumed, Traits } from '../../effect';

/** What of a task decides which questions are asked after it. */
interface Asked {
  readonly traits: Traits;
  readonly consumes: readonly Consumed[];
  /** Those that its rule asks beside. */
  readonly own: readonly CheckId[];
}

/** Questions that a coat is looked at with. */
const ofCoat = ({ lays, sprayed }: Traits): readonly CheckId[] => {
  if (!lays) return [];
  const film = leavesFilm(COATINGS.get(lays.coating));
  const looks: readonly CheckId[] = film ? ['filmLooks'] : [];
  const comb: readonly CheckId[] = film && sprayed && lays.nth === 1 ? ['wetFilm'] : [];
  switch (lays.series) {
    case 'prime':
      return [...comb, ...looks, 'noBleed'];
    case 'paint':
      return [...comb, ...looks, ...(lays.nth === 1 ? (['noBleed', 'sheenEven'] as const) : [])];
    case 'stain':
    case 'tone':
      return ['colourRight'];
    case 'clear':
      return [...comb, ...looks, ...(film ? (['sheenEven'] as const) : [])];
    default:
      return looks;
  }
};

const byCondition: readonly (readonly [Traits['makes'][number], readonly CheckId[]])[] = [
  ['degreased', ['waterClear']],
  ['fillFlush', ['fillFlat']],
  ['sanded', ['rakingLight']],
];

const ofWork = ({ traits, consumes }: Asked): readonly CheckId[] => [
  ...byCondition.flatMap(([made, checks]) => (traits.makes.includes(made) ? checks : [])),
  ...(traits.makes.includes('stripped')
    ? [...(traits.wets === 'solvent' ? (['filmSoft'] as const) : []), 'allOff' as const]
    : []),
  ...(consumes.some((it) => it.why === 'glues') ? (['jointTight'] as const) : []),
  ...(traits.putsOn ? (['thumbnail'] as const) : []),
];

/** The questions to answer after a task, each once, in the order in which they can be answered. */
export const checksOf = (it: Asked): readonly Check[] =>
  [...new Set([...ofWork(it), ...ofCoat(it.traits), ...it.own])].map((id) => ({
    id,
    question: CHECKS.get(id).question,
  }));
