import { HOUR, ONE_IN_TEN_SIGMA } from '../units';
import { z } from 'zod';
import type { Piece } from '../piece';
import { type DeepReadonly } from '../effect';
import { timedIn } from '../work';
import type { PieceCost } from './cost';
import type { Earnings } from './earnings';
import { ratioOf } from './share';

/** A piece with its money, reckoned elsewhere. */
export interface Accounted {
  readonly piece: Pick<Piece, 'id' | 'name' | 'build' | 'done' | 'log' | 'archived'>;
  readonly cost: PieceCost;
  readonly earnings: Earnings;
}

/** What is believed of a mean from few figures. */
const spread = z.object({
  count: z.int(),
  mean: z.int(),
  /** Eight of ten would believe the true mean between these; null from fewer than three figures. */
  between: z.tuple([z.int(), z.int()]).nullable(),
});
export type Spread = DeepReadonly<z.infer<typeof spread>>;

/** Student's t for a two-sided 80 % interval, by degrees of freedom from 1 (handbook table; values from memory); more of them are as good as normal. */
const T_80 = [3.078, 1.886, 1.638, 1.533, 1.476, 1.44, 1.415, 1.397, 1.383, 1.372] as const;
/** Fewer figures say nothing of how they spread. */
const FEWEST = 3;

/** Mean and an 80 % interval of it by Student's t. With one or two figures no interval is told. */
export const spreadOf = (figures: readonly number[]): Spread | undefined => {
  const count = figures.length;
  if (count === 0) return undefined;
  const mean = figures.reduce((sum, it) => sum + it, 0) / count;
  if (count < FEWEST) return { count, mean: Math.round(mean), between: null };
  const variance = figures.reduce((sum, it) => sum + (it - mean) ** 2, 0) / (count - 1);
  const half = (T_80[count - 2] ?? ONE_IN_TEN_SIGMA) * Math.sqrt(variance / count);
  return {
    count,
    mean: Math.round(mean),
    between: [Math.round(mean - half), Math.round(mean + half)],
  };
};

/** What pieces of one kind, or work of one kind, earned by the hour. */
const earnedBy = z.object({ kind: z.string(), anHour: spread, minutes: z.number() });
export type EarnedBy = DeepReadonly<z.infer<typeof earnedBy>>;

/** The money of a shop over all its pieces. */
export const flipping = z.object({
  /** Spent on pieces that are not sold. */
  tiedUp: z.int(),
  unsold: z.int(),
  /** What sold pieces left for their hours, and those hours. */
  left: z.int(),
  minutes: z.int(),
  anHour: z.int().nullable(),
  byKind: z.array(earnedBy),
  /** By kind of work: what an hour earned on the sold pieces that had this work in them. */
  byWork: z.array(earnedBy),
  /** Sold pieces, the best hour first. */
  sold: z.array(
    z.object({
      pieceId: z.string(),
      name: z.string(),
      anHour: z.int(),
      minutes: z.int(),
      left: z.int(),
    }),
  ),
});
export type Flipping = DeepReadonly<z.infer<typeof flipping>>;

const hourOf = (it: Accounted): number => it.earnings.anHour ?? 0;

/** Groups by a name, most minutes first. */
const grouped = <T>(list: readonly T[], nameOf: (it: T) => string): ReadonlyMap<string, T[]> => {
  const groups = new Map<string, T[]>();
  for (const it of list) groups.set(nameOf(it), [...(groups.get(nameOf(it)) ?? []), it]);
  return groups;
};

const mostFirst = (a: EarnedBy, b: EarnedBy): number => b.minutes - a.minutes;

/** What all pieces together earned, and by what; few sold pieces are told as few. */
export const flippingOf = (pieces: readonly Accounted[]): Flipping => {
  const sold = pieces
    .filter((it) => it.earnings.isSold && it.earnings.anHour !== null)
    .sort((a, b) => hourOf(b) - hourOf(a));
  const unsold = pieces.filter((it) => !it.earnings.isSold && !it.piece.archived);
  const left = sold.reduce((sum, it) => sum + (it.earnings.left ?? 0), 0);
  const minutes = sold.reduce((sum, it) => sum + it.earnings.minutes, 0);
  const earned = (kind: string, own: readonly Accounted[], took: number): readonly EarnedBy[] => {
    const anHour = spreadOf(own.map(hourOf));
    return anHour ? [{ kind, anHour, minutes: took }] : [];
  };
  const work = sold.flatMap((it) =>
    [...grouped(timedIn(it.piece.done, it.piece.log), (job) => job.kind)].map(([kind, jobs]) => ({
      kind,
      of: it,
      minutes: jobs.reduce((sum, job) => sum + job.actualMinutes, 0),
    })),
  );
  return {
    tiedUp: unsold.reduce((sum, it) => sum + it.cost.spent, 0),
    unsold: unsold.length,
    left,
    minutes,
    anHour: minutes === 0 ? null : ratioOf(left, HOUR, minutes),
    byKind: [...grouped(sold, (it) => it.piece.build.startedFrom)]
      .flatMap(([kind, own]) =>
        earned(
          kind,
          own,
          own.reduce((sum, it) => sum + it.earnings.minutes, 0),
        ),
      )
      .sort(mostFirst),
    byWork: [...grouped(work, (it) => it.kind)]
      .flatMap(([kind, own]) =>
        earned(
          kind,
          own.map((it) => it.of),
          own.reduce((sum, it) => sum + it.minutes, 0),
        ),
      )
      .sort(mostFirst),
    sold: sold.map((it) => ({
      pieceId: it.piece.id,
      name: it.piece.name,
      anHour: hourOf(it),
      minutes: it.earnings.minutes,
      left: it.earnings.left ?? 0,
    })),
  };
};
