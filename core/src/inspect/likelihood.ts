import {
  INSPECTION_TESTS,
  REPORTING_SLIP,
  VARIABLES,
  resultCount,
  type InspectionTest,
  type PartKind,
  type Variable,
} from '../catalog';
import { BLEED_CHANCES, makePrior } from './priors';
import {
  MAKES,
  MAKE_VARIABLES,
  PLACES,
  STATES,
  STATES_PER_MAKE,
  add,
  holdsIn,
  type StateVector,
} from './space';

/**
 * The likelihoods of a test over all states: few distinct rows, and which row each state has.
 * A result may be misread or tapped wrong: chance' = (1 − slip) · chance + slip / results.
 */
interface LikelihoodTable {
  readonly results: number;
  readonly rowOf: Uint8Array;
  /** Row of each make; undefined where bleed or lead matters too. */
  readonly rowOfMake: Uint8Array | undefined;
  /** rows[row][result] */
  readonly rows: readonly Float64Array[];
  /** What it tells something about. */
  readonly variables: readonly Variable[];
  /**
   * Where a test depends on one variable alone: chances[result][value], in the order of the
   * catalog, and last for states without a value. Undefined where it depends on several.
   */
  readonly byValue: readonly Float64Array[] | undefined;
  readonly only: Variable | undefined;
}

const makeTable = (test: InspectionTest): LikelihoodTable => {
  const results = resultCount(test);
  const variables = [
    ...new Set(test.informs.flatMap((row) => Object.keys(row.when ?? {}) as Variable[])),
  ];
  const rowOf = Uint8Array.from(STATES, (state) =>
    test.informs.findIndex((row) => !row.when || holdsIn(row.when, state)),
  );
  const rows = test.informs.map((row) =>
    Float64Array.from(
      row.chances,
      (chance) => (1 - REPORTING_SLIP) * chance + REPORTING_SLIP / results,
    ),
  );
  const [only, ...more] = variables;
  const byMakeOnly = variables.every((it) => (MAKE_VARIABLES as readonly string[]).includes(it));
  const rowOfValue =
    only && more.length === 0
      ? [...VARIABLES[only].values.map(({ id }) => id as string), ''].map((id) =>
          test.informs.findIndex(
            (row) => !row.when || (row.when[only] as readonly string[]).includes(id),
          ),
        )
      : undefined;
  return {
    results,
    rowOf,
    rowOfMake: byMakeOnly
      ? Uint8Array.from(MAKES, (_, make) => rowOf[make * STATES_PER_MAKE] as number)
      : undefined,
    rows,
    variables,
    only: more.length === 0 ? only : undefined,
    byValue:
      rowOfValue &&
      Array.from({ length: results }, (_, result) =>
        Float64Array.from(rowOfValue, (row) => rows[row]?.[result] ?? 1),
      ),
  };
};

const TABLES = new Map<string, LikelihoodTable>();

/** The table of a test, made at its first use. Undefined for a reading that no belief rests on. */
export const tableOf = (test: InspectionTest): LikelihoodTable | undefined => {
  if (test.informs.length === 0) return undefined;
  const known = TABLES.get(test.id);
  if (known) return known;
  const made = makeTable(test);
  TABLES.set(test.id, made);
  return made;
};

/** Tests that tell something about the states; lead has its own reckoning. */
export const TELLING_TESTS: readonly InspectionTest[] = INSPECTION_TESTS.filter(
  (it) => it.informs.length > 0 && it.kind !== 'layer',
);

/** A result of a test, by its place among the test's outcomes or bands. */
export interface TestResult {
  readonly test: InspectionTest;
  readonly result: number;
}

/**
 * Multiplies a vector by the chance of each of the results in each state, in place.
 * @returns the sums of the vector afterwards, make by make
 */
export const weigh = (vector: StateVector, results: readonly TestResult[]): Float64Array => {
  const onMakes = new Float64Array(MAKES.length).fill(1);
  for (const { test, result } of results) {
    const table = tableOf(test);
    if (!table) continue;
    const { rowOf, rowOfMake, rows } = table;
    const factors = Float64Array.from(rows, (row) => row[result] as number);
    const [target, rowAt] = rowOfMake ? [onMakes, rowOfMake] : [vector, rowOf];
    for (let at = 0; at < target.length; at++) {
      target[at] = (target[at] as number) * (factors[rowAt[at] as number] as number);
    }
  }
  let s = 0;
  for (let m = 0; m < onMakes.length; m++) {
    const factor = onMakes[m] as number;
    let sum = 0;
    for (const end = s + STATES_PER_MAKE; s < end; s++) {
      const weight = (vector[s] as number) * factor;
      vector[s] = weight;
      sum += weight;
    }
    onMakes[m] = sum;
  }
  return onMakes;
};

/** What a part of unknown age is expected to be: the ground on which a result is read by itself. */
const USUAL: Readonly<Record<PartKind, StateVector>> = (() => {
  const of = (part: PartKind) => {
    const makes = makePrior({ yearFrom: null, yearTo: null }, part);
    return BLEED_CHANCES.map(
      (chance, s) => chance * (makes[Math.floor(s / STATES_PER_MAKE)] as number),
    );
  };
  return { panel: of('panel'), stick: of('stick'), back: of('back') };
})();

const SAYS = new Map<string, Float64Array>();

/**
 * What a result says of one variable by itself: its chance under each value, the other variables
 * being as usual for such a part. P(result | value) = Σ P(state | value) · P(result | state).
 * For words only ("speaks for veneer"); beliefs come from the whole state.
 * @returns chances in the order of the catalog; undefined where the test says nothing about it
 */
export const likelihoodOn = (
  variable: Variable,
  { test, result }: TestResult,
  part: PartKind,
): Float64Array | undefined => {
  const table = tableOf(test);
  if (!table?.variables.includes(variable)) return undefined;
  if (table.byValue) return table.byValue[result]?.subarray(0, VARIABLES[variable].values.length);
  if (variable === 'lead') return undefined;
  const key = `${variable}/${test.id}/${result}/${part}`;
  const known = SAYS.get(key);
  if (known) return known;
  const length = VARIABLES[variable].values.length;
  const [before, after] = [new Float64Array(length + 1), new Float64Array(length + 1)];
  const places = PLACES[variable];
  USUAL[part].forEach((p, s) => {
    const place = places[s] as number;
    add(before, place, p);
    add(after, place, p * (table.rows[table.rowOf[s] as number]?.[result] as number));
  });
  const chances = after
    .map((sum, place) => ((before[place] as number) > 0 ? sum / (before[place] as number) : 0))
    .slice(0, length);
  SAYS.set(key, chances);
  return chances;
};
