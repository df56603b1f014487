import { z } from 'zod';
import { DECISIONS, MATERIALS, type Hazard } from '../../catalog';
import { type Consumed } from '../../effect';
import { priceIn, type Shop } from '../../piece';
import { hazardWords } from '../../words';
import { risk } from '../../work';
import { calendarDays } from '../order/days';
import type { Route } from '../order/operation';
import { worstOf, type RiskKind } from './risk';

/** What a way of doing a piece takes. */
export const toll = z.object({
  minutes: z.number(),
  days: z.int(),
  /** Everything used up, minor units of money; by the shop's prices, else the catalog's placeholders. */
  money: z.int(),
  /** Each bad outcome on its likeliest surface. */
  risks: z.array(risk),
  /** What of it can hurt, in words. */
  hazards: z.array(z.string()),
});
export type Toll = z.infer<typeof toll>;

/** What is used up costs, minor units of money, by the shop's prices or else the placeholders. */
export const moneyFor = (
  used: readonly Pick<Consumed, 'material' | 'quantity'>[],
  { prices }: Pick<Shop, 'prices'>,
): number => used.reduce((sum, it) => sum + priceIn(prices, it.material, it.quantity), 0);

/** Solvents and what they come in. */
const FUMES: readonly Hazard[] = ['fumes', 'fumesStun', 'sprayMist'];

const hazardsOf = ({ tasks }: Route): readonly string[] => {
  const hazards = new Set(
    tasks.flatMap((it) => it.consumes).flatMap((it) => MATERIALS.get(it.material).hazards),
  );
  const some = (holds: boolean, words: string) => (holds ? [words] : []);
  return [
    ...some(
      tasks.some((it) => it.traits.makesOfPiece.includes('contained')),
      hazardWords.lead,
    ),
    ...some(
      tasks.some((it) => it.gate?.kind === 'lead' || it.holds.includes('lead')),
      hazardWords.leadOpen,
    ),
    ...some(
      tasks.some((it) => it.traits.makes.includes('stripped')),
      hazardWords.stripping,
    ),
    ...some(
      FUMES.some((it) => hazards.has(it)),
      hazardWords.fumes,
    ),
    ...some(
      tasks.some((it) => it.traits.makesDust),
      hazardWords.dust,
    ),
  ];
};

/** What a planned route takes. */
export const tollOf = (planned: Route, shop: Shop): Toll => ({
  minutes: planned.minutes,
  days: calendarDays(planned.operations),
  money: Math.round(
    moneyFor(
      planned.tasks.flatMap((it) => it.consumes),
      shop,
    ),
  ),
  risks: [...worstOf(planned.operations.flatMap((it) => it.risks))],
  hazards: [...hazardsOf(planned)],
});

/** How a chance changes from one way to another. */
export const riskChange = risk.pick({ kind: true }).extend({ change: z.number() });
export type RiskChange = z.infer<typeof riskChange>;

/** Risks that come, grow, shrink or go from one way to another, where the difference is worth a word. */
export const changedRisks = (now: Toll, then: Toll): readonly RiskChange[] => {
  const chance = (of: Toll, kind: RiskKind) => of.risks.find((it) => it.kind === kind)?.chance ?? 0;
  return [...new Set([...now.risks, ...then.risks].map((it) => it.kind))]
    .map((kind) => ({ kind, change: chance(then, kind) - chance(now, kind) }))
    .filter(({ change }) => Math.abs(change) >= DECISIONS.sameChance.value);
};
