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
import { TELLING_TESTS, saysOf, tableOf, type Says } from './likelihood';
import type { SurfacePosterior } from './posterior';
import type { Conflict } from './result';

const nameOf = ({ test, result, observation }: Evidence): string => {
  const label = test.kind === 'reading' ? test.bands[result]?.label : test.outcomes[result]?.label;
  return `“${label ?? observation.testId}”`;
};

/** A result with what it says of a variable. */
export interface Voice {
  readonly evidence: Evidence;
  readonly says: Says;
}

/** All that speaks of a variable among what was seen. */
export const voicesOn = (
  variable: Variable,
  { evidence, surface }: Pick<SurfacePosterior, 'evidence' | 'surface'>,
): readonly Voice[] => {
  const voices: Voice[] = [];
  for (const it of evidence) {
    const says = saysOf(variable, it, surface.part);
    if (says) voices.push({ evidence: it, says });
  }
  return voices;
};

/** No value suits both: each is much less likely than the favourite under one of the two. */
const disagree = (a: Says, b: Says): boolean => {
  const tolerated = 1 / TELLING_LIMITS.pullsApart.value;
  for (let at = 0; at < a.suits.length; at++) {
    if (Math.min(a.suits[at] as number, b.suits[at] as number) > tolerated) return false;
  }
  return true;
};

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
      const says = saysOf(variable, { test, result }, part);
      if (!says) return [];
      apart += Math.abs((says.chances[a] as number) - (says.chances[b] as number)) / 2;
    }
    const worth = apart - TELLING_LIMITS.perMinute.value * (test.minutes + test.harmMinutes);
    return apart > TELLING_LIMITS.worthTelling.value && worth > 0 ? [{ test, worth }] : [];
  }).sort((one, other) => other.worth - one.worth);
  SETTLERS.set(key, settlers);
  return settlers;
};

const conflictBetween = (
  variable: Variable,
  [a, b]: readonly [Voice, Voice],
  { evidence, surface }: SurfacePosterior,
): Conflict => {
  const speaksFor = ({ says }: Voice) => VARIABLES[variable].values[says.favourite]?.label ?? '';
  const settles = settlersOf(variable, [a.says.favourite, b.says.favourite], surface.part).find(
    (it) => !evidence.some((one) => one.test.id === it.test.id),
  )?.test;
  return {
    variable,
    observationIds: [a.evidence.observation.id, b.evidence.observation.id],
    text:
      `${nameOf(a.evidence)} speaks for ${speaksFor(a)}, ${nameOf(b.evidence)} for ${speaksFor(b)}. ` +
      (settles
        ? `This would settle it: ${settles.title.charAt(0).toLowerCase()}${settles.title.slice(1)}.`
        : 'Look again, or confirm what you know.'),
    settledBy: settles?.id ?? null,
  };
};

/** Pairs of tests that pull a variable apart, each with the test that would settle it. */
export const conflictsOn = (
  variable: Variable,
  voices: readonly Voice[],
  it: SurfacePosterior,
): readonly Conflict[] =>
  voices.flatMap((a, index) =>
    voices
      .slice(index + 1)
      .filter((b) => disagree(a.says, b.says))
      .map((b) => conflictBetween(variable, [a, b], it)),
  );

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
