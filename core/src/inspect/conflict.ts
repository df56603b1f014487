import {
  TELLING_LIMITS,
  VARIABLES,
  labelOf,
  type InspectionTest,
  type PartKind,
  type Variable,
} from '../catalog';
import { greatest, type Distribution } from './distribution';
import type { Evidence } from './evidence';
import { TELLING_TESTS, likelihoodOn, tableOf } from './likelihood';
import type { SurfacePosterior } from './posterior';
import type { Conflict } from './result';

const nameOf = ({ test, result, observation }: Evidence): string => {
  const label = test.kind === 'reading' ? test.bands[result]?.label : test.outcomes[result]?.label;
  return `“${label ?? observation.testId}”`;
};

/** A result with its chance under each value, and the value that it speaks for. */
interface Voice {
  readonly evidence: Evidence;
  readonly chances: Float64Array;
  readonly favourite: number;
}

const favouriteOf = (chances: Float64Array): number => {
  let best = 0;
  for (let at = 1; at < chances.length; at++) {
    if ((chances[at] as number) > (chances[best] as number)) best = at;
  }
  return best;
};

/** No value suits both: each is much less likely than the favourite under one of the two. */
const disagree = (a: Voice, b: Voice): boolean =>
  a.chances.every((chance, at) => {
    const suitsA = chance / (a.chances[a.favourite] as number);
    const suitsB = (b.chances[at] as number) / (b.chances[b.favourite] as number);
    return Math.min(suitsA, suitsB) * TELLING_LIMITS.pullsApart.value <= 1;
  });

interface Settler {
  readonly test: InspectionTest;
  readonly worth: number;
}

const SETTLERS = new Map<string, readonly Settler[]>();

/**
 * Tests that tell two values apart, best first: the difference of their chances (total
 * variation), less a little for each minute and for harm.
 */
const settlersOf = (
  variable: Variable,
  [a, b]: readonly [number, number],
  part: PartKind,
): readonly Settler[] => {
  const key = [variable, Math.min(a, b), Math.max(a, b), part].join('/');
  const known = SETTLERS.get(key);
  if (known) return known;
  const settlers = TELLING_TESTS.flatMap((test): Settler[] => {
    if (test.kind !== 'choice') return [];
    let apart = 0;
    for (let result = 0; result < test.outcomes.length; result++) {
      const chances = likelihoodOn(variable, { test, result }, part);
      if (!chances) return [];
      apart += Math.abs((chances[a] as number) - (chances[b] as number)) / 2;
    }
    const worth = apart - TELLING_LIMITS.perMinute.value * (test.minutes + test.harmMinutes);
    return apart > TELLING_LIMITS.worthTelling.value && worth > 0 ? [{ test, worth }] : [];
  }).sort((one, other) => other.worth - one.worth);
  SETTLERS.set(key, settlers);
  return settlers;
};

/** Pairs of tests that pull a variable apart, each with the test that would settle it. */
export const conflictsOn = (
  variable: Variable,
  { evidence, surface }: SurfacePosterior,
): readonly Conflict[] => {
  const { values } = VARIABLES[variable];
  const voices = evidence.flatMap((it): Voice[] => {
    const chances = likelihoodOn(variable, it, surface.part);
    return chances ? [{ evidence: it, chances, favourite: favouriteOf(chances) }] : [];
  });
  const done = new Set(evidence.map((it) => it.test.id));
  const labelAt = (at: number) => values[at]?.label ?? '';
  return voices.flatMap((a, index) =>
    voices.slice(index + 1).flatMap((b) => {
      if (!disagree(a, b)) return [];
      const settles = settlersOf(variable, [a.favourite, b.favourite], surface.part).find(
        (it) => !done.has(it.test.id),
      )?.test;
      return {
        variable,
        observationIds: [a.evidence.observation.id, b.evidence.observation.id],
        text:
          `${nameOf(a.evidence)} speaks for ${labelAt(a.favourite)}, ${nameOf(b.evidence)} for ${labelAt(b.favourite)}. ` +
          (settles
            ? `This would settle it: ${settles.title.charAt(0).toLowerCase()}${settles.title.slice(1)}.`
            : 'Look again, or confirm what you know.'),
        settledBy: settles?.id ?? null,
      };
    }),
  );
};

/**
 * Results that no explanation makes likely: under the best state, the chances of what was seen
 * against the chances of what that state usually shows.
 */
export const oddEvidence = ({ evidence, likeliest }: SurfacePosterior): Conflict | undefined => {
  if (evidence.length < 2) return undefined;
  const best = likeliest();
  const fits = evidence.flatMap((it) => {
    if (it.test.kind === 'layer') return [];
    const table = tableOf(it.test);
    const row = table?.rows[table.rowOf[best] ?? 0];
    return row ? [{ it, fit: (row[it.result] ?? 1) / Math.max(...row) }] : [];
  });
  const odd = fits.filter(({ fit }) => fit < TELLING_LIMITS.oddResult.value);
  const together = odd.reduce((product, { fit }) => product * fit, 1);
  if (odd.length < 2 || together > TELLING_LIMITS.oddTogether.value) return undefined;
  return {
    variable: 'substrate',
    observationIds: odd.map(({ it }) => it.observation.id),
    text: `Nothing that Obrik knows of looks like this together: ${odd.map(({ it }) => nameOf(it)).join(', ')}. Repeat these on another spot; it may be a repair, or two materials in one surface.`,
    settledBy: odd[0]?.it.test.id ?? null,
  };
};

/** The user's own word against the tests. */
export const conflictWithWord = (
  variable: Variable,
  value: string,
  fromTests: Distribution,
  observationIds: readonly string[],
): readonly Conflict[] =>
  observationIds.length > 0 && (fromTests[value] ?? 0) < TELLING_LIMITS.wordAgainstOdds.value
    ? [
        {
          variable,
          observationIds,
          text: `You confirmed ${labelOf(variable, value)}; the tests speak for ${labelOf(variable, greatest(fromTests).value)}. Your word stands until you take it back.`,
          settledBy: null,
        },
      ]
    : [];
