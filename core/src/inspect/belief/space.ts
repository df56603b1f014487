import {
  BLEEDS,
  FINISHES,
  SUBSTRATES,
  VARIABLES,
  WOODS,
  type StateCondition,
  type ValueOf,
  type Variable,
} from '../../catalog';

/**
 * What a surface may really be. The wood is null where the face is not wood. Lead is not part of
 * it: it hangs on the finish alone and is reckoned beside (see lead/odds).
 */
export interface State {
  readonly substrate: ValueOf['substrate'];
  readonly wood: ValueOf['wood'] | null;
  readonly finish: ValueOf['finish'];
  readonly bleed: ValueOf['bleed'];
}

/** A state as far as a maker decides it: what sister surfaces may share. */
export type Make = Pick<State, 'substrate' | 'wood' | 'finish'>;

/** Woods that a substrate can have: conifers solid as softwood, the rest as hardwood, all as veneer. */
const woodsOf = (of: (typeof SUBSTRATES.rows)[number]): readonly (ValueOf['wood'] | null)[] => {
  if (!of.wood) return [null];
  if (of.thinFace) return WOODS.ids;
  return WOODS.rows.filter((it) => it.softwood === (of.id === 'softwood')).map((it) => it.id);
};

/** Every make that is possible. */
export const MAKES: readonly Make[] = SUBSTRATES.rows.flatMap((row) =>
  woodsOf(row).flatMap((wood) =>
    FINISHES.ids.map((finish) => ({ substrate: row.id, wood, finish })),
  ),
);

/** How many states share a make. */
export const STATES_PER_MAKE = BLEEDS.ids.length;

/** Every state, make by make; within a make bleed by bleed. */
export const STATES: readonly State[] = MAKES.flatMap((make) =>
  BLEEDS.ids.map((bleed) => ({ ...make, bleed })),
);

/** The variables that a state is made of. */
export type StateVariable = Exclude<Variable, 'lead'>;

/** Probabilities of all states, in the order of STATES. */
export type StateVector = Float64Array;

/** Does a condition hold in a state? */
export const holdsIn = (condition: StateCondition, state: State): boolean =>
  (Object.keys(condition) as StateVariable[]).every((variable) => {
    const value = state[variable];
    return (
      value !== null && (condition[variable] as readonly string[] | undefined)?.includes(value)
    );
  });

const placesIn = (
  variable: StateVariable,
  things: readonly Partial<Record<StateVariable, string | null>>[],
): Uint8Array => {
  const ids = VARIABLES[variable].values.map((it) => it.id as string);
  return Uint8Array.from(things, (it) => {
    const at = ids.indexOf(it[variable] ?? '');
    return at < 0 ? ids.length : at;
  });
};

/** The variables that make up a make. */
export const MAKE_VARIABLES = ['substrate', 'wood', 'finish'] as const;

/** For each variable the place of a make's value; one past the end where it has none. */
const MAKE_PLACES = {
  substrate: placesIn('substrate', MAKES),
  wood: placesIn('wood', MAKES),
  finish: placesIn('finish', MAKES),
} as const;

/** For each variable the place of each state's value; one past the end where it has none. */
export const PLACES: Readonly<Record<StateVariable, Uint8Array>> = {
  substrate: placesIn('substrate', STATES),
  wood: placesIn('wood', STATES),
  finish: placesIn('finish', STATES),
  bleed: placesIn('bleed', STATES),
};

/** Adds to an entry. */
export const add = (to: Float64Array, at: number, what: number): void => {
  to[at] = (to[at] as number) + what;
};

/**
 * Sums of a vector by each variable's values, in the order of the catalog; one more entry at the
 * end for the states in which the variable has no value.
 */
export interface Marginals extends Readonly<Record<StateVariable, Float64Array>> {
  readonly makes: Float64Array;
}

/** A variable's values summed over makes. */
const sumMakes = (makes: Float64Array, variable: keyof typeof MAKE_PLACES): Float64Array => {
  const sums = new Float64Array(VARIABLES[variable].values.length + 1);
  const places = MAKE_PLACES[variable];
  for (let m = 0; m < makes.length; m++) add(sums, places[m] as number, makes[m] as number);
  return sums;
};

/** Sums chances of makes by the values of their variables. */
export const marginalsOfMakes = (makes: Float64Array) => ({
  makes,
  substrate: sumMakes(makes, 'substrate'),
  wood: sumMakes(makes, 'wood'),
  finish: sumMakes(makes, 'finish'),
});

/** Sums a vector by makes and by every variable, in one pass. */
export const marginalsOf = (vector: StateVector): Marginals => {
  const makes = new Float64Array(MAKES.length);
  const bleed = new Float64Array(BLEEDS.ids.length + 1);
  let s = 0;
  for (let m = 0; m < makes.length; m++) {
    let make = 0;
    for (let b = 0; b < STATES_PER_MAKE; b++) {
      const p = vector[s++] as number;
      make += p;
      add(bleed, b, p);
    }
    makes[m] = make;
  }
  return { ...marginalsOfMakes(makes), bleed };
};

/** Sets everything to 0 where the variable does not have the value, in place. */
export const keepOnly = (vector: StateVector, variable: StateVariable, value: string): void => {
  const at = VARIABLES[variable].values.findIndex((it) => it.id === value);
  const places = PLACES[variable];
  for (let s = 0; s < vector.length; s++) if (places[s] !== at) vector[s] = 0;
};
