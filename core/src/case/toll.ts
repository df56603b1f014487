import { z } from 'zod';
import { DECISIONS, MATERIALS, type Hazard } from '../catalog';
import { needsOf, moneyForAll } from '../needs';
import type { Piece, Shop } from '../piece';
import { calendarDays, worstOf, type Route } from '../route';
import { hazardWords } from '../words';
import { risk, type Risk } from '../work';
import type { Case } from './case';

/** What a way of doing a piece takes. */
export const toll = z.object({
  minutes: z.number(),
  days: z.int(),
  /** Materials and what is worn out, minor units: what Costs tells of them. */
  money: z.int(),
  /** Each bad outcome on its likeliest surface. */
  risks: z.array(risk),
  /** What of it can hurt, in words. */
  hazards: z.array(z.string()),
});
export type Toll = z.infer<typeof toll>;

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

/** Materials of a route, and what is worn out on it, minor units. */
const moneyOf = (piece: Piece, shop: Shop, route: Route): number =>
  moneyForAll(needsOf([{ piece, route }]), shop);

/** What the work that is left on a piece takes. */
export const tollOf = ({ piece, shop, route }: Pick<Case, 'piece' | 'shop' | 'route'>): Toll => ({
  minutes: route.minutes,
  days: calendarDays(route.operations),
  money: moneyOf(piece, shop, route),
  risks: [...worstOf(route.operations.flatMap((it) => it.risks))],
  hazards: [...hazardsOf(route)],
});

/** What would be saved without some of its steps: what they take of materials, minor units. */
export const moneyOfSteps = (
  { piece, shop, route }: Pick<Case, 'piece' | 'shop' | 'route'>,
  steps: Route['operations'],
): number => {
  const operations = route.operations.filter((one) => !steps.includes(one));
  return moneyOf(piece, shop, route) - moneyOf(piece, shop, { ...route, operations });
};

/** How a chance changes from one way to another. */
export const riskChange = risk.pick({ kind: true }).extend({ change: z.number() });
export type RiskChange = z.infer<typeof riskChange>;

/** Risks that come, grow, shrink or go from one way to another, where the difference is worth a word. */
export const changedRisks = (now: Toll, then: Toll): readonly RiskChange[] => {
  const chance = (of: Toll, kind: Risk['kind']) =>
    of.risks.find((it) => it.kind === kind)?.chance ?? 0;
  return [...new Set([...now.risks, ...then.risks].map((it) => it.kind))]
    .map((kind) => ({ kind, change: chance(then, kind) - chance(now, kind) }))
    .filter(({ change }) => Math.abs(change) >= DECISIONS.sameChance.value);
};
