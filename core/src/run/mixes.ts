import { COATINGS, METHODS, FILLER_HARDENER, POT_LIFE, type Material } from '../catalog';
import type { Consumed } from '../effect';
import type { Task } from '../work';

/** What has to be mixed for a step. */
export type Mix =
  /** Hardener by mass; masses in g. */
  | {
      readonly kind: 'hardener';
      readonly base: Material;
      readonly baseG: number;
      readonly hardenerG: number;
      /** Share of hardener, 0–1. */
      readonly share: number;
      readonly potMinutes: number;
      readonly celsius: number;
    }
  /** Parts by volume. */
  | {
      readonly kind: 'parts';
      readonly parts: readonly { readonly name: MixPart; readonly of: number }[];
      /** For a denser or a more translucent result: how far the last part may go. */
      readonly upTo: number | null;
    }
  /** Thinned by the label, no further than that. */
  | {
      readonly kind: 'thinned';
      readonly coating: Material;
      readonly by: string;
      /** Percent of its volume at the most; null where only the label knows. */
      readonly upTo: number | null;
    };

export type MixPart = 'alcohol' | 'water' | 'vinegar' | 'paint';

const clamp = (value: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, value));

/**
 * Share of hardener for two-part filler by the temperature of the work, 0–1: linear about 2 % at
 * 20 °C, held between 1 and 3 %. Model: `docs/calculations.md`, Bench.
 */
export const hardenerShare = (celsius: number): number =>
  clamp(
    FILLER_HARDENER.share + (FILLER_HARDENER.atCelsius - celsius) * FILLER_HARDENER.perDegree,
    FILLER_HARDENER.least,
    FILLER_HARDENER.most,
  );

/**
 * How long filler with its hardener stays workable, minutes: twice as fast with every 10 °C, and in
 * proportion to the hardener in it.
 */
export const potMinutes = (celsius: number, share = hardenerShare(celsius)): number =>
  (POT_LIFE.minutes *
    2 ** ((POT_LIFE.atCelsius - celsius) / POT_LIFE.halvedBy) *
    FILLER_HARDENER.share) /
  share;

const G_PER_KG = 1000;
const sumOf = (used: readonly Consumed[], material: Material): number =>
  used.reduce((sum, it) => sum + (it.material === material ? it.quantity : 0), 0);

/**
 * What has to be mixed for some tasks, in the air of the bench.
 * @param celsius temperature of work and material, °C
 */
export const mixesFor = (
  tasks: readonly Pick<Task, 'traits' | 'consumes' | 'setUp' | 'method'>[],
  celsius: number,
): readonly Mix[] => {
  const used = tasks.flatMap((it) => it.consumes);
  const fillerKg = sumOf(used, 'twoPartFiller');
  const share = hardenerShare(celsius);
  const filler: readonly Mix[] =
    fillerKg > 0
      ? [
          {
            kind: 'hardener',
            base: 'twoPartFiller',
            baseG: fillerKg * G_PER_KG,
            hardenerG: fillerKg * G_PER_KG * share,
            share,
            potMinutes: potMinutes(celsius, share),
            celsius,
          },
        ]
      : [];
  const halves = new Set(tasks.flatMap((it) => METHODS.get(it.method).halfAndHalf ?? []));
  const coatings = [
    ...new Set(tasks.flatMap((it) => (it.traits.lays ? [it.traits.lays.coating] : []))),
  ];
  return [
    ...filler,
    ...[...halves].map((it) => halfAndHalf(it)),
    ...coatings.flatMap((id): Mix[] => {
      if (id === 'wash') return [halfAndHalf('paint', MOST_WATER)];
      const { dilution, dilutedUpTo = null } = COATINGS.get(id);
      return dilution ? [{ kind: 'thinned', coating: id, by: dilution, upTo: dilutedUpTo }] : [];
    }),
  ];
};

/** Parts of water to one of paint in the most translucent wash (common practice). */
const MOST_WATER = 3;

/** One part of something to one of water; of water up to so many. */
const halfAndHalf = (name: MixPart, upTo: number | null = null): Mix => ({
  kind: 'parts',
  parts: [
    { name, of: 1 },
    { name: 'water', of: 1 },
  ],
  upTo,
});
