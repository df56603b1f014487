import {
  COPIED,
  DAMAGE_SIGN,
  bandOf,
  inspectionTest,
  isTelling,
  type InspectionTest,
} from '../../catalog';
import type { Finding, Observation } from '../../piece';
import type { TestResult } from './likelihood';

/** One observation with its test and which of the test's results it is. */
export interface Evidence extends TestResult {
  readonly observation: Observation;
}

/** Which of its test's results an observation is; undefined where no belief rests on it. */
const resultOf = (test: InspectionTest, it: Observation): number | undefined => {
  const index =
    test.kind === 'reading'
      ? it.value === null
        ? -1
        : (bandOf(test, it.value) ?? -1)
      : test.outcomes.findIndex((outcome) => outcome.id === it.outcome);
  return index < 0 || test.informs.length === 0 ? undefined : index;
};

/** The layer that a result holds for; null for the surface as it meets the eye, its top layer. */
const layerOf = (test: InspectionTest, it: Observation): number | null =>
  test.kind === 'layer' || (it.layer ?? 1) > 1 ? it.layer : null;

const replaces = (it: Observation, old: Observation): boolean => {
  const [copied, oldCopied] = [it.copyOf !== undefined, old.copyOf !== undefined];
  if (copied !== oldCopied) return oldCopied;
  return it.at > old.at || (it.at === old.at && it.id > old.id);
};

/**
 * The evidence among observations of one surface. A test made again on the same layer replaces
 * its earlier result (the later time counts, and on equal times the greater id), so that
 * repeating a weak sign does not make it strong. What was taken over from an alike surface counts
 * less, and only where nobody has made the test itself.
 */
export const collectEvidence = (observations: readonly Observation[]): readonly Evidence[] => {
  const latest = new Map<string, Evidence>();
  for (const it of observations) {
    const test = inspectionTest(it.testId);
    const result = test && resultOf(test, it);
    if (!test || result === undefined) continue;
    const key = `${it.testId}/${layerOf(test, it) ?? ''}`;
    const old = latest.get(key)?.observation;
    if (!old || replaces(it, old)) {
      const power = it.copyOf === undefined ? {} : { power: COPIED.power };
      latest.set(key, { observation: it, test, result, ...power });
    }
  }
  return [...latest.values()].sort((a, b) => (a.observation.id < b.observation.id ? -1 : 1));
};

/**
 * What the damages of a surface tell of what it is made of, each kind once. Made by the same likelihoods as a look; its id
 * is that of the damage.
 */
export const damageEvidence = (findings: readonly Finding[]): readonly Evidence[] => {
  const kinds = new Map(
    findings.filter((it) => isTelling(it.damage)).map((it) => [it.damage, it] as const),
  );
  return [...kinds.values()].map(({ id, surfaceId, damage, at }) => ({
    test: DAMAGE_SIGN,
    result: DAMAGE_SIGN.outcomes.findIndex((it) => it.id === damage),
    observation: {
      id,
      surfaceId,
      testId: DAMAGE_SIGN.id,
      outcome: damage,
      value: null,
      layer: null,
      at,
      by: '',
    },
  }));
};

/** Does this evidence speak of the surface as it meets the eye, and not of a layer below? */
export const isOfSurface = ({ test, observation }: Evidence): boolean =>
  test.kind === 'layer' || (observation.layer ?? 1) <= 1;
