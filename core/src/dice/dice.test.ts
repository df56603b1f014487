import { diceOf, draw, seedOf } from './index';

it('the same seed throws the same dice, another seed others', () => {
  const throws = (seed: number) => Array.from({ length: 5 }, diceOf(seed));
  expect(throws(7)).toEqual(throws(7));
  expect(throws(7)).not.toEqual(throws(8));
});

it('dice are even: a chi-square over ten faces stays under its 99.9 % limit', () => {
  const dice = diceOf(11);
  const counts = Array.from({ length: 10 }, () => 0);
  for (let n = 0; n < 10_000; n++) {
    const face = Math.floor(dice() * 10);
    counts[face] = (counts[face] ?? 0) + 1;
  }
  const chiSquare = counts.reduce((sum, it) => sum + (it - 1000) ** 2 / 1000, 0);
  // Nine degrees of freedom: 27.88 (any table of the chi-square distribution).
  expect(chiSquare).toBeLessThan(27.88);
});

it('draws by weight, and never what has none', () => {
  const dice = diceOf(3);
  const drawn = Array.from({ length: 4000 }, () => draw([1, 0, 3], dice));
  expect(drawn).not.toContain(1);
  expect(drawn.filter((it) => it === 2).length / drawn.length).toBeCloseTo(0.75, 1);
});

it('a name makes a seed: FNV-1a of its published test text', () => {
  // FNV-1a, 32 bits, of "a": e40c292c (the algorithm's published test vectors).
  expect(seedOf('a')).toBe(0xe40c292c);
  expect(seedOf('')).toBe(0x811c9dc5);
});
