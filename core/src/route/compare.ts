import { z } from 'zod';
import { DECISIONS, MATERIALS, SCHOOLS, TOOLS, type Hazard } from '../catalog';
import { inspectPiece } from '../inspect';
import {
  isCoated,
  aim,
  isFaceOnTop,
  ownSchools,
  priceIn,
  shopFor,
  surfacesOf,
  type Aim,
  type OwnSchools,
  type Piece,
  type Scheme,
  type Shop,
  type Surface,
} from '../piece';
import { hazardWords, waysInWords } from '../words';
import { type Consumed, type DeepReadonly } from '../effect';
import { risk } from '../work';
import { calendarDays } from './days';
import { refusal, type Route } from './operation';
import { planRoute } from './plan';
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

/** Whole-piece alternatives: the same piece with other aims. */
export const alternative = toll.extend({
  id: z.string(),
  title: z.string(),
  because: z.string(),
  aims: z.array(aim),
  refusals: z.array(refusal),
});
export type Alternative = DeepReadonly<z.infer<typeof alternative>>;

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

/** What a piece takes as it is aimed at. */
export const tollOf = (
  piece: Piece,
  shop: Shop,
  planned: Route = planRoute(piece, shop),
): Toll => ({
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

const PAINT: Scheme = { kind: 'painted', shade: 'pale', topcoat: 'waterborne' };
const CLEAR: Scheme = { kind: 'clear', topcoat: 'waterborne' };
const VENEER: Scheme = { kind: 'veneered', topcoat: 'waterborne' };

interface Idea {
  readonly id: string;
  readonly title: string;
  readonly because: string;
  readonly schemeFor: (surface: Surface) => Scheme;
}

const IDEAS: readonly Idea[] = [
  { id: 'paint-all', ...waysInWords.paintAll, schemeFor: () => PAINT },
  {
    id: 'wood-top',
    ...waysInWords.woodTop,
    schemeFor: (it) => (isFaceOnTop(it) ? CLEAR : PAINT),
  },
  { id: 'clear-all', ...waysInWords.clearAll, schemeFor: () => CLEAR },
  {
    id: 'veneer-top',
    ...waysInWords.veneerTop,
    schemeFor: (it) => (isFaceOnTop(it) ? VENEER : PAINT),
  },
];

const MOST = 4;

const sameAims = (a: readonly Aim[], b: readonly Aim[]): boolean =>
  a.every((it, at) => it.scheme.kind === b[at]?.scheme.kind);

/**
 * Up to four ways for the whole piece, side by side: as aimed, and others. Surfaces that are left
 * or only freshened stay so; a way that is refused on some surface is left out.
 */
export const alternativesFor = (piece: Piece, shop: Shop): readonly Alternative[] => {
  const aimed = surfacesOf(piece).map(({ id }) => piece.aims.find((it) => it.surfaceId === id));
  const kept = (it: Aim | undefined) => it !== undefined && !isCoated(it.scheme);
  const aimsFor = ({ schemeFor }: Idea): Aim[] =>
    surfacesOf(piece).map((surface, at): Aim => {
      const old = aimed[at];
      return old && kept(old)
        ? old
        : { surfaceId: surface.id, scheme: schemeFor(surface), stripWish: 'best' };
    });
  const known = inspectPiece(piece, shop);
  const weigh = (idea: Pick<Idea, 'id' | 'title' | 'because'>, aims: Aim[]): Alternative => {
    const { id, title, because } = idea;
    const tried = { ...piece, aims };
    const planned = planRoute(tried, shop, undefined, known);
    return {
      id,
      title,
      because,
      aims,
      refusals: planned.refusals,
      ...tollOf(tried, shop, planned),
    };
  };
  const asAimed = { id: 'as-aimed', ...waysInWords.asAimed };
  const isAsAimed = (aims: readonly Aim[]): boolean =>
    aims.length === piece.aims.length &&
    sameAims(
      aims,
      aimed.flatMap((it) => it ?? []),
    );
  const others = IDEAS.map((idea) => ({ idea, aims: aimsFor(idea) }))
    .filter(
      ({ idea, aims }, at, all) =>
        (idea.id !== 'veneer-top' || aims.some((it) => it.scheme.kind === 'veneered')) &&
        all.findIndex((one) => sameAims(one.aims, aims)) === at &&
        !isAsAimed(aims),
    )
    .map(({ idea, aims }) => weigh(idea, aims))
    .filter((it) => !it.refusals.some((no) => no.blocks));
  return [...(piece.aims.length > 0 ? [weigh(asAimed, piece.aims)] : []), ...others].slice(0, MOST);
};

/** What another way of working, or another tool, would change. */
export const whatIf = z.object({
  id: z.string(),
  title: z.string(),
  minutes: z.number(),
  days: z.int(),
  money: z.int(),
  /** Risks that come, grow, shrink or go: the change of chance on the likeliest surface. */
  risks: z.array(risk.pick({ kind: true }).extend({ change: z.number() })),
  /** What to add to the schools of the piece to work so on it; null for a tool. */
  schools: ownSchools.nullable(),
});
export type WhatIf = z.infer<typeof whatIf>;

/** A shop that works otherwise in one thing. */
interface Otherwise {
  readonly id: string;
  readonly title: string;
  readonly piece: Piece;
  readonly shop: Shop;
  readonly schools: OwnSchools | null;
}

const otherSchools = (piece: Piece, shop: Shop): readonly Otherwise[] =>
  SCHOOLS.rows.flatMap(({ id, label, ways }) =>
    (ways as readonly { id: string; label: string }[])
      .filter((way) => way.id !== shopFor(piece, shop).schools[id])
      .map((way) => {
        const schools = ownSchools.parse({ [id]: way.id });
        return {
          id: `${id}-${way.id}`,
          title: waysInWords.school(label, way.label),
          piece: { ...piece, schools: { ...piece.schools, ...schools } },
          shop,
          schools,
        };
      }),
  );

const otherTools = (piece: Piece, shop: Shop): readonly Otherwise[] =>
  TOOLS.rows.map(({ id, phrase }) => {
    const has = shop.tools.includes(id);
    const tools = has ? shop.tools.filter((it) => it !== id) : [...shop.tools, id];
    return {
      id,
      title: waysInWords.tool(has, phrase),
      piece,
      shop: { ...shop, tools },
      schools: null,
    };
  });

/** Risks that come, grow, shrink or go from one way to another, where the difference is worth a word. */
export const changedRisks = (now: Toll, then: Toll): WhatIf['risks'] => {
  const chance = (of: Toll, kind: RiskKind) => of.risks.find((it) => it.kind === kind)?.chance ?? 0;
  return [...new Set([...now.risks, ...then.risks].map((it) => it.kind))]
    .map((kind) => ({ kind, change: chance(then, kind) - chance(now, kind) }))
    .filter(({ change }) => Math.abs(change) >= DECISIONS.sameChance.value);
};

/** The ways and tools that this piece is not worked with, where they would change anything. */
export const whatIfs = (piece: Piece, shop: Shop): readonly WhatIf[] => {
  const known = inspectPiece(piece, shop);
  const of = (it: Pick<Otherwise, 'piece' | 'shop'>) =>
    tollOf(it.piece, it.shop, planRoute(it.piece, it.shop, undefined, known));
  const now = of({ piece, shop });
  return [...otherSchools(piece, shop), ...otherTools(piece, shop)].flatMap((it) => {
    const { id, title, schools } = it;
    const then = of(it);
    const change = {
      minutes: then.minutes - now.minutes,
      days: then.days - now.days,
      money: then.money - now.money,
    };
    const risks = changedRisks(now, then);
    return Object.values(change).every((it) => it === 0) && risks.length === 0
      ? []
      : [{ id, title, ...change, risks, schools }];
  });
};
