import { z } from 'zod';
import { BLEEDS, type Bleed } from './bleeds';
import { FINISHES, type Finish } from './finishes';
import { LEAD } from './lead';
import { SUBSTRATES, type Substrate } from './substrates';
import { WOODS, type Wood } from './woods';

/** What Obrik holds a belief about, for each surface. */
export const variable = z.enum(['substrate', 'wood', 'finish', 'bleed', 'lead']);
export type Variable = z.infer<typeof variable>;

export interface ValueOf {
  substrate: Substrate;
  wood: Wood;
  finish: Finish;
  bleed: Bleed;
  lead: (typeof LEAD.ids)[number];
}

/** Each variable: the question it answers, and its values in the order of the catalog. */
export const VARIABLES: {
  readonly [V in Variable]: {
    readonly question: string;
    readonly values: readonly { readonly id: ValueOf[V]; readonly label: string }[];
  };
} = {
  substrate: { question: 'What is it made of?', values: SUBSTRATES.rows },
  wood: { question: 'Which wood shows?', values: WOODS.rows },
  finish: { question: 'What is on it?', values: FINISHES.rows },
  bleed: { question: 'Will it bleed?', values: BLEEDS.rows },
  lead: { question: 'Is there lead?', values: LEAD.rows },
};

/** The label of a value, or its id where the catalog does not know it. */
export const labelOf = (of: Variable, value: string): string =>
  VARIABLES[of].values.find((it) => it.id === value)?.label ?? value;

/** Is this one of the values of the variable? */
export const isValueOf = (of: Variable, value: string): boolean =>
  VARIABLES[of].values.some((it) => it.id === value);
