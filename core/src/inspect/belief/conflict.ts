import {
  TELLING_LIMITS,
  VARIABLES,
  labelOf,
  type InspectionTest,
  type PartKind,
  type Variable,
} from '../../catalog';
import { LOOK_WORDS } from '../../words';
import { greatest, type Distribution } from './distribution';
import type { Evidence } from './evidence';
import { TELLING_TESTS, saysOf, tableOf, type Says } from './likelihood';
import type { SurfacePosterior } from './posterior';
import type { TestConflict } from './result';

const { conflict: WORDS } = LOOK_WORDS;

/** What a result is called. */
const nameOf = ({ test, result, observation }: Evidence): string => {
  const label = test.kind === 'reading' ? test.bands[result]?.label : test.outcomes[result]?.label;
  return label ?? observation.testId;
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
): TestConflict => {
  const speaksFor = ({ says }: Voice) => VARIABLES[variable].values[says.favourite]?.label ?? '';
  const settles = settlersOf(variable, [a.says.favourite, b.says.favourite], surface.part).find(
    (it) => !evidence.some((one) => one.test.id === it.test.id),
  )?.test;
  return {
    variable,
    observationIds: [a.evidence.observation.id, b.evidence.observation.id],
    text: WORDS.between(
      [nameOf(a.evidence), nameOf(b.evidence)],
      [speaksFor(a), speaksFor(b)],
      settles?.title,
    ),
    settledBy: settles?.id ?? null,
  };
};

/** Pairs of tests that pull a variable apart, each with the test that would settle it. */
export const conflictsOn = (
  variable: Variable,
  voices: readonly Voice[],
  it: SurfacePosterior,
): readonly TestConflict[] =>
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
export const oddEvidence = ({
  evidence,
  likeliest,
}: SurfacePosterior): TestConflict | undefined => {
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
    text: WORDS.odd(odd.map(({ it }) => nameOf(it))),
    settledBy: odd[0]?.it.test.id ?? null,
  };
};

/** The user's own word against the tests. */
export const conflictWithWord = (
  variable: Variable,
  value: string,
  fromTests: Distribution,
  observationIds: readonly string[],
): readonly TestConflict[] =>
  observationIds.length > 0 && (fromTests[value] ?? 0) < TELLING_LIMITS.wordAgainstOdds.value
    ? [
        {
          variable,
          observationIds,
          text: WORDS.withWord(
            labelOf(variable, value),
            labelOf(variable, greatest(fromTests).value),
          ),
          settledBy: null,
        },
      ]
    : [];
