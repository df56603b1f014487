import { z } from 'zod';

/** Bad outcomes that work may have, in words. */
export const RISKS = {
  bleed: 'Stain comes through the colour',
  peel: 'Paint peels off a slick film',
  wax: 'A coat slides off wax that was left',
  sandThrough: 'Sanded through the veneer',
  noWood: 'There is no wood in the face',
  water: 'Water lifts the veneer or swells the board',
  lyeDarkens: 'Lye darkens the wood',
  blotches: 'Stain takes in blotches',
  repairShows: 'A repair stays visible',
  groundShows: 'The ground shows through the colour',
} as const;
export type RiskKind = keyof typeof RISKS;

/** A bad outcome of an operation, and how likely it is on one surface. */
export const risk = z.object({
  kind: z.enum(Object.keys(RISKS) as [RiskKind, ...RiskKind[]]),
  surfaceId: z.string(),
  chance: z.number().min(0).max(1),
});
export type Risk = z.infer<typeof risk>;

/** Chances by kind, as a rule tells them; what is left out can't happen. */
export type Chances = Readonly<Partial<Record<RiskKind, number>>>;

/** Below this a chance is not worth a word (modelling judgement). */
const WORTH_SAYING = 0.02;

/** The risks of one surface that are worth a word. */
export const risksOf = (surfaceId: string, chances: Chances = {}): readonly Risk[] =>
  (Object.entries(chances) as [RiskKind, number][])
    .filter(([, chance]) => chance >= WORTH_SAYING)
    .map(([kind, chance]) => ({ kind, surfaceId, chance: Math.min(1, chance) }));

/** The likeliest of each kind, the likeliest first. */
export const worstOf = (risks: readonly Risk[]): readonly Risk[] => {
  const byKind = new Map<RiskKind, Risk>();
  for (const it of risks) {
    const old = byKind.get(it.kind);
    if (!old || it.chance > old.chance) byKind.set(it.kind, it);
  }
  return [...byKind.values()].sort((a, b) => b.chance - a.chance);
};
