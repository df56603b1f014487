import { HOUR } from '../units';
import { z } from 'zod';
import { FACE_COLOURS } from '../catalog';
import { coatsToCover, colourOf, reflectanceOf, tintFor } from '../coating';
import {
  isFaceOnTop,
  surfacesOf,
  type Aim,
  type Hardware,
  type Piece,
  type Scheme,
} from '../piece';
import { changedRisks, moneyOfSteps, riskChange, tollOf, type Case, type Toll } from '../case';
import { DECISION_WORDS, type DecisionId, type Tip } from '../words';
import { type DeepReadonly } from '../effect';
import { ratioOf } from './share';

/** What one way takes more than the other: b less a. */
const difference = z.object({ money: z.int(), minutes: z.int(), days: z.int() });
export type Difference = Readonly<z.infer<typeof difference>>;

const side = z.enum(['a', 'b']);

/** A decision that money settles, with the assumption that tips it. */
export const moneyDecision = z.object({
  id: z.enum(Object.keys(DECISION_WORDS) as [DecisionId, ...DecisionId[]]),
  more: difference,
  /** Money and hours at the shop's rate; null where it has none. */
  total: z.int().nullable(),
  /** Chances that grow or shrink from a to b. */
  risks: z.array(riskChange),
  tip: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('price'), at: z.int() }),
    z.object({ kind: z.literal('rate'), at: z.int(), below: side }),
    z.object({ kind: z.literal('redo'), at: z.int() }),
    z.object({ kind: z.literal('carcass'), at: z.int() }),
    z.object({ kind: z.literal('each'), at: z.int(), count: z.int() }),
    z.object({ kind: z.literal('always'), side }),
  ]),
});
export type Decision = DeepReadonly<z.infer<typeof moneyDecision>>;

const hoursWorth = (minutes: number, rate: number | null): number =>
  rate === null ? 0 : ratioOf(rate, Math.abs(Math.round(minutes)), HOUR) * Math.sign(minutes);

const differenceOf = (a: Toll, b: Toll): Difference => ({
  money: b.money - a.money,
  minutes: Math.round(b.minutes - a.minutes),
  days: b.days - a.days,
});

/**
 * What tips a choice between two routes to the same price: nothing where one is better in money and
 * in hours, else the rate at which both cost the same.
 */
export const tipByRate = ({ money, minutes }: Pick<Difference, 'money' | 'minutes'>): Tip => {
  if (money <= 0 && minutes <= 0) return { kind: 'always', side: 'b' };
  if (money >= 0 && minutes >= 0) return { kind: 'always', side: 'a' };
  return {
    kind: 'rate',
    at: ratioOf(Math.abs(money), HOUR, Math.abs(minutes)),
    below: minutes > 0 ? 'b' : 'a',
  };
};

const PAINT: Scheme = { kind: 'painted', shade: 'pale', topcoat: 'waterborne' };
const VENEER: Scheme = { kind: 'veneered', topcoat: 'waterborne' };

const withTop = (piece: Piece, scheme: Scheme): Piece => {
  const tops = new Set(
    surfacesOf(piece)
      .filter(isFaceOnTop)
      .map((it) => it.id),
  );
  return {
    ...piece,
    aims: [
      ...piece.aims.filter((it) => !tops.has(it.surfaceId)),
      ...[...tops].map((surfaceId): Aim => ({ surfaceId, scheme, stripWish: 'best' })),
    ],
  };
};

type Plan = (piece: Piece) => { readonly then: Case; readonly toll: Toll };

const isSame = ({ money, minutes, days }: Difference): boolean =>
  money === 0 && minutes === 0 && days === 0;

const decision = (
  id: DecisionId,
  a: Toll,
  b: Toll,
  rate: number | null,
  tip: (more: Difference, total: number) => Tip,
): Decision => {
  const more = differenceOf(a, b);
  const total = more.money + hoursWorth(more.minutes, rate);
  return {
    id,
    more,
    total: rate === null ? null : total,
    risks: [...changedRisks(a, b)],
    tip: tip(more, total),
  };
};

/** New veneer on the top or paint it: the dearer has to bring its difference in the price. */
const veneerOrPaint = (piece: Piece, plan: Plan, rate: number | null): Decision | undefined => {
  const [painted, veneered] = [plan(withTop(piece, PAINT)), plan(withTop(piece, VENEER))];
  const blocked = [painted, veneered].some(({ then }) =>
    then.route.refusals.some((it) => it.blocks),
  );
  if (blocked || !surfacesOf(piece).some(isFaceOnTop)) return undefined;
  return decision('veneerOrPaint', painted.toll, veneered.toll, rate, (_, total) =>
    total > 0 ? { kind: 'price', at: total } : { kind: 'always', side: 'b' },
  );
};

/** Strip what will be painted, or paint over it: stripping has to be worth what it spares later. */
const stripOrPaintOver = (
  piece: Piece,
  over: ReturnType<Plan>,
  plan: Plan,
  rate: number | null,
): Decision | undefined => {
  const isPainted = (it: Aim) => it.scheme.kind === 'painted' && it.stripWish === 'best';
  if (!piece.aims.some(isPainted)) return undefined;
  const stripped = plan({
    ...piece,
    aims: piece.aims.map((it) => (isPainted(it) ? { ...it, stripWish: 'gel' as const } : it)),
  });
  if (isSame(differenceOf(over.toll, stripped.toll))) return undefined;
  return decision('stripOrPaintOver', over.toll, stripped.toll, rate, (more, total) => {
    const spared = changedRisks(over.toll, stripped.toll)
      .filter((it) => it.change < 0)
      .reduce((sum, it) => sum - it.change, 0);
    return total > 0 && spared > 0
      ? { kind: 'redo', at: Math.round(total / spared) }
      : tipByRate(more);
  });
};

/** A primer that costs as much as another carcass: below which price the other one pays. */
const primerOrCarcass = (
  { then, toll }: ReturnType<Plan>,
  rate: number | null,
): Decision | undefined => {
  const priming = then.route.operations.filter((it) => it.phase === 'block');
  if (priming.length === 0) return undefined;
  const money = moneyOfSteps(then, priming);
  const minutes = priming.reduce((sum, it) => sum + it.minutes, 0);
  const without: Toll = { ...toll, money: toll.money - money, minutes: toll.minutes - minutes };
  return decision('primerOrCarcass', without, toll, rate, (_, total) => ({
    kind: 'carcass',
    at: Math.max(0, total),
  }));
};

const KEPT: readonly Hardware['disposition'][] = ['keep', 'clean', 'repaint'];

/** Clean and keep the fittings, or buy new ones: below which price for each the new ones pay. */
const keepOrReplace = (
  piece: Piece,
  old: ReturnType<Plan>,
  plan: Plan,
  rate: number | null,
): Decision | undefined => {
  const kept = piece.hardware.filter(
    (it) => KEPT.includes(it.disposition) && (it.kind === 'pull' || it.kind === 'knob'),
  );
  const count = kept.reduce((sum, it) => sum + it.count, 0);
  if (count === 0) return undefined;
  const withAll = (disposition: Hardware['disposition']): Piece => ({
    ...piece,
    hardware: piece.hardware.map((it) => (kept.includes(it) ? { ...it, disposition } : it)),
  });
  const fresh = plan(withAll('replace'));
  return decision('fittings', old.toll, fresh.toll, rate, (_, total) => ({
    kind: 'each',
    at: Math.floor(-total / count),
    count,
  }));
};

/** White primer and one coat more, or a tinted primer. */
const coatOrTint = (
  { then, toll }: ReturnType<Plan>,
  rate: number | null,
): Decision | undefined => {
  const { piece, route } = then;
  const colours = new Set(
    piece.aims.flatMap((it) => (it.scheme.kind === 'painted' ? [colourOf(it.scheme)] : [])),
  );
  const white = reflectanceOf(FACE_COLOURS.whitePrimer);
  let money = 0;
  let minutes = 0;
  for (const hex of colours) {
    const { tint, cover } = tintFor(hex);
    const saved = coatsToCover(reflectanceOf(hex), [white]).coats - cover.coats;
    const own = route.operations.filter((it) =>
      route.tasks.some(
        (task) =>
          it.taskKeys.includes(task.key) &&
          task.traits.lays?.series === 'paint' &&
          task.traits.lays.colour === hex,
      ),
    );
    const primed = route.tasks.some((it) => it.traits.lays?.series === 'prime');
    const [one] = own;
    if (tint === 'white' || saved <= 0 || !one || !primed) continue;
    minutes += saved * one.minutes;
    money += saved * moneyOfSteps(then, [one]);
  }
  if (minutes === 0) return undefined;
  const more: Toll = {
    ...toll,
    money: toll.money + money,
    minutes: toll.minutes + minutes,
  };
  return decision('coatOrTint', more, toll, rate, tipByRate);
};

/**
 * The decisions of a piece that money settles, each as a difference in money, minutes, days and risk,
 * with the assumption that tips it. Where a way is refused, or both are the same, it is not asked.
 */
export const decisionsFor = (asked: Case): readonly Decision[] => {
  const { piece, shop } = asked;
  const plan: Plan = (it) => {
    const then = asked.with({ piece: it });
    return { then, toll: tollOf(then) };
  };
  const rate = shop.money.rateAnHour;
  const now = plan(piece);
  if (now.then.route.operations.length === 0) return [];
  return [
    veneerOrPaint(piece, plan, rate),
    stripOrPaintOver(piece, now, plan, rate),
    primerOrCarcass(now, rate),
    keepOrReplace(piece, now, plan, rate),
    coatOrTint(now, rate),
  ].flatMap((it) => it ?? []);
};
