import { MENDS, WAITS } from '../../catalog';
import { MEND_WORDS as WORDS, byLabel } from '../../words';
import { type Series } from '../../effect';
import { openFlaws, takes, type Flaw, type Phase } from '../../work';
import { areaOfFace, type SurfaceContext } from '../context/context';
import { finishPlanOf, laidOf } from '../finish/finishing';
import { surfaceRule, type Draft, type Rule } from './rule';
import { wait } from './common';

const PHASE_OF: Readonly<Record<Series, Phase>> = {
  grain: 'block',
  prime: 'block',
  stain: 'colour',
  seal: 'colour',
  grainOverStain: 'colour',
  tone: 'colour',
  paint: 'colour',
  effect: 'colour',
  clear: 'protect',
  decorate: 'protect',
};

/** Before everything else that is still to be laid, and before the tape. */
const RANK = -35;
/** First of all it is decided. */
const DECIDE = -38;
/** After the papers of the ladder, before the dust is taken off. */
const AFTER_PAPERS = 5;

/** The phase in which a fault is set right: before the next coat, or where the wood is worked. */
const phaseFor = (s: SurfaceContext, { mend }: Flaw): Phase => {
  const row = MENDS.get(mend);
  if (row.in !== 'nextCoat') return row.in;
  const next = finishPlanOf(s)[laidOf(s)];
  return next ? PHASE_OF[next.series] : 'protect';
};

/** Faults that are set right in a phase. What nobody works on keeps its faults, but for a decision. */
const flawsIn = (s: SurfaceContext, phase: Phase): readonly Flaw[] =>
  openFlaws(s.now).filter(
    (it) =>
      (s.worked || it.mend === 'decide' || it.mend === 'cleanUpHarm') && phaseFor(s, it) === phase,
  );

const draftFor = (s: SurfaceContext, flaw: Flaw): Draft => {
  const row = MENDS.get(flaw.mend);
  const m2 = areaOfFace(s);
  const wet = row.sands && s.lead === 'found';
  return {
    method: wet ? `mend-${row.id}-wet` : `mend-${row.id}`,
    occurrence: flaw.id,
    rank: flaw.mend === 'decide' ? DECIDE : row.in === 'sand' ? AFTER_PAPERS : RANK,
    title: wet ? WORDS.wet.title(row.title) : row.title,
    because: row.because,
    how: wet ? [WORDS.wet.how, ...row.how] : row.how,
    effort: {
      rate: `mend-${row.id}`,
      ...row.minutes,
      quantity: m2,
      unit: 'm2',
      times: 1,
    },
    consumes: takes(row.uses, m2),
    traits: {
      face: row.face,
      mends: [flaw.id],
      makes: flaw.mend === 'cleanUpHarm' ? ['cleanedUpAfter'] : [],
    },
    wait: row.wait
      ? wait(row.wait.minutes, row.wait.until)
      : wet
        ? wait(WAITS.afterWetDulling, 'dry')
        : null,
    cautions: [...(wet ? WORDS.wet.cautions : []), ...(row.caution ? [byLabel(row.caution)] : [])],
  };
};

const mendIn = (phase: Phase): Rule =>
  surfaceRule({
    id: `mend-before-going-on-${phase}`,
    phase,
    // What may be harmful is cleaned up whatever becomes of the aim.
    regardless: phase === 'secure',
    applies: (s) => flawsIn(s, phase).length > 0,
    because: () => '',
    work: (s) => flawsIn(s, phase).map((it) => draftFor(s, it)),
  });

/** What went wrong in the fresh work is set right before anything is laid over it. */
export const MEND_RULES: readonly Rule[] = (
  ['secure', 'strip', 'sand', 'block', 'colour', 'protect'] as const
).map(mendIn);
