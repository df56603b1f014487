import {
  INSPECTION_TESTS,
  ONE_CAUSE,
  REPORTING_SLIP,
  VARIABLES,
  resultCount,
  type InspectionTest,
  type PartKind,
  type Variable,
} from '../../catalog';
import { BLEED_CHANCES, makePrior } from './priors';
import {
  MAKES,
  MAKE_VARIABLES,
  PLACES,
  STATES,
  STATES_PER_MAKE,
  add,
  holdsIn,
  type StateVariable,
  type StateVector,
} from './space';

/**
 * The likelihoods of a test over all states: few distinct rows, and which row each state has.
 * A result may be misread or tapped wrong: chance' = (1 − slip) · chance + slip / results.
 */
interface LikelihoodTable {
  readonly results: number;
  readonly rowOf: Uint8Array;
  /** onMakes[result][make]; undefined where the bleed matters too. */
  readonly onMakes: readonly Float64Array[] | undefined;
  /** onStates[result][state], where the bleed matters too; else undefined. */
  readonly onStates: readonly Float64Array[] | undefined;
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
    onMakes: byMakeOnly
      ? Array.from({ length: results }, (_, result) =>
          Float64Array.from(
            MAKES,
            (__, make) => rows[rowOf[make * STATES_PER_MAKE] as number]?.[result] ?? 1,
          ),
        )
      : undefined,
    onStates: byMakeOnly
      ? undefined
      : Array.from({ length: results }, (_, result) =>
          Float64Array.from(rowOf, (row) => rows[row]?.[result] ?? 1),
        ),
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
  /** Power with which its chances count; 1 where it was seen on the surface itself. */
  readonly power?: number;
}

const CAUSED: Readonly<Record<string, string>> = ONE_CAUSE.outcomes;

/** Outcomes that were seen all of one cause: they are no independent looks. */
const ofOneCause = (results: readonly TestResult[]): readonly TestResult[] => {
  const seen = results.filter(({ test, result }) => {
    const outcome = test.kind === 'choice' ? test.outcomes[result]?.id : undefined;
    return outcome !== undefined && CAUSED[test.id] === outcome;
  });
  return seen.length === Object.keys(CAUSED).length ? seen : [];
};

/** Chances as they count with a power; themselves where it is 1. */
const withPower = (chances: Float64Array, power: number): Float64Array =>
  power === 1 ? chances : chances.map((chance) => chance ** power);

/** Multiplies a vector by others of its length. @returns a new vector */
const timesAll = (
  vector: Float64Array,
  [first, ...others]: readonly Float64Array[],
): Float64Array => {
  if (!first) return vector.slice();
  const product = new Float64Array(vector.length);
  for (let at = 0; at < product.length; at++) {
    product[at] = (vector[at] as number) * (first[at] as number);
  }
  for (const factor of others) {
    for (let at = 0; at < product.length; at++) {
      product[at] = (product[at] as number) * (factor[at] as number);
    }
  }
  return product;
};

/** Chances of makes times those of the results that the make alone decides. */
export const weighMakes = (makes: Float64Array, results: readonly TestResult[]): Float64Array => {
  const shared = ofOneCause(results);
  return timesAll(
    makes,
    results.flatMap((it) => {
      const chances = tableOf(it.test)?.onMakes?.[it.result];
      if (!chances) return [];
      const power = (it.power ?? 1) * (shared.includes(it) ? ONE_CAUSE.power : 1);
      return [withPower(chances, power)];
    }),
  );
};

/** Does a test tell something that the make does not decide? */
export const bearsOnBleed = ({ test }: TestResult): boolean => {
  const table = tableOf(test);
  return table?.onStates !== undefined;
};

/** Chances of states times those of the results that the bleed has a say in. */
export const weighStates = (states: StateVector, results: readonly TestResult[]): StateVector =>
  timesAll(
    states,
    results.flatMap(({ test, result, power = 1 }) => {
      const chances = tableOf(test)?.onStates?.[result];
      return chances ? [withPower(chances, power)] : [];
    }),
  );

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

/** What a result says of one variable by itself; each in the order of the catalog's values. */
export interface Says {
  /** Chance of the result under each value. */
  readonly chances: Float64Array;
  /** The value under which it is likeliest. */
  readonly favourite: number;
  /** Chance under each value, against that under the favourite. */
  readonly suits: Float64Array;
  /** Chance under each value, less the mean of that under the others: speaks for it, or against. */
  readonly leans: Float64Array;
}

const inWhole = (chances: Float64Array): Says => {
  const favourite = chances.indexOf(Math.max(...chances));
  const sum = chances.reduce((total, chance) => total + chance, 0);
  return {
    chances,
    favourite,
    suits: chances.map((it) => it / (chances[favourite] as number)),
    leans: chances.map((it) => it - (sum - it) / (chances.length - 1)),
  };
};

/** P(result | value) = Σ P(state | value) · P(result | state), the states as usual for such a part. */
const chancesAsUsual = (
  variable: StateVariable,
  { rows, rowOf }: LikelihoodTable,
  result: number,
  part: PartKind,
): Float64Array => {
  const length = VARIABLES[variable].values.length;
  const [before, after] = [new Float64Array(length + 1), new Float64Array(length + 1)];
  const places = PLACES[variable];
  USUAL[part].forEach((p, s) => {
    const place = places[s] as number;
    add(before, place, p);
    add(after, place, p * (rows[rowOf[s] as number]?.[result] as number));
  });
  return after
    .map((sum, place) => ((before[place] as number) > 0 ? sum / (before[place] as number) : 0))
    .slice(0, length);
};

const allSaid = (variable: Variable, test: InspectionTest, part: PartKind): readonly Says[] => {
  const table = tableOf(test);
  if (!table?.variables.includes(variable)) return [];
  if (table.byValue) {
    return table.byValue.map((it) => inWhole(it.slice(0, VARIABLES[variable].values.length)));
  }
  if (variable === 'lead') return [];
  return Array.from({ length: table.results }, (_, result) =>
    inWhole(chancesAsUsual(variable, table, result, part)),
  );
};

/** What was reckoned before, by variable and part. */
const SAID = new Map<string, Map<InspectionTest, readonly Says[]>>();

/**
 * What a result says of one variable by itself, the other variables being as usual for such a
 * part. For words only ("speaks for veneer"); beliefs come from the whole state.
 * @returns undefined where the test says nothing about the variable
 */
export const saysOf = (
  variable: Variable,
  { test, result }: TestResult,
  part: PartKind,
): Says | undefined => {
  const key = `${variable}/${part}`;
  const byTest = SAID.get(key) ?? new Map<InspectionTest, readonly Says[]>();
  SAID.set(key, byTest);
  const said = byTest.get(test) ?? allSaid(variable, test, part);
  byTest.set(test, said);
  return said[result];
};
