import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** A source of numbers in [0, 1), the same for the same seed. */
export type Dice = () => number;

/** Dice of a seed (Mersenne twister): a new seed is as good a throw as the next one. */
export const diceOf = (seed: number): Dice => {
  const generator = mersenne(seed);
  return () => uniformFloat64(generator);
};

/** One index, by weights that need not sum to 1. */
export const draw = (weights: ArrayLike<number>, dice: Dice): number => {
  let total = 0;
  for (let index = 0; index < weights.length; index++) total += weights[index] as number;
  let left = dice() * total;
  for (let index = 0; index < weights.length; index++) {
    left -= weights[index] as number;
    if (left < 0) return index;
  }
  return weights.length - 1;
};

/** A seed of a text, so that a thing of one name always gets the same dice (FNV-1a, 32 bits). */
export const seedOf = (text: string): number => {
  let hash = 0x811c9dc5;
  for (const letter of text) {
    hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193) >>> 0;
  }
  return hash;
};
