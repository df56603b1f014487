import { z } from 'zod';
import { COATINGS, SCHOOLS, STRIP_WAYS, TOOLS, type StripWay } from '../catalog';
import { inspectPiece } from '../inspect';
import {
  aim,
  isFaceOnTop,
  ownSchools,
  shopFor,
  surfacesOf,
  type Aim,
  type OwnSchools,
  type Piece,
  type Scheme,
  type Shop,
} from '../piece';
import { squareMetres } from '../units';
import { calendarDays } from './days';
import { route, type Route } from './operation';
import { planRoute } from './plan';
import { risk, worstOf, type RiskKind } from './risk';

/** What a way of doing a piece takes. */
export const toll = z.object({
  minutes: z.number(),
  days: z.int(),
  /** Coatings and stripper, minor units of money; by placeholder prices of the catalog. */
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
  route,
});
export type Alternative = z.infer<typeof alternative>;

const moneyOf = (piece: Piece, { operations }: Route): number => {
  const areas = new Map(surfacesOf(piece).map((it) => [it.id, it.areaMm2]));
  return operations.reduce((sum, it) => {
    const area = it.surfaceIds.reduce((all, id) => all + (areas.get(id) ?? 0), 0);
    const laid = it.coating ? (it.litres ?? 0) * COATINGS.get(it.coating).pricePerLitre : 0;
    const way = STRIP_WAYS.ids.find((id): id is StripWay => it.method === `strip-${id}`);
    return sum + laid + (way ? STRIP_WAYS.get(way).costPerM2 * squareMetres(area) : 0);
  }, 0);
};

const hazardsOf = ({ operations }: Route): readonly string[] => {
  const some = (test: (it: Route['operations'][number]) => boolean, words: string) =>
    operations.some(test) ? [words] : [];
  return [
    ...some((it) => it.method === 'contain-lead', 'work with lead'),
    ...some((it) => it.gate?.kind === 'lead', 'lead still open'),
    ...some((it) => it.method.startsWith('strip-'), 'stripping'),
    ...some((it) => it.protection.includes('Organic-vapour cartridges'), 'solvent fumes'),
    ...some((it) => it.makesDust, 'dust'),
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
  money: Math.round(moneyOf(piece, planned)),
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
  readonly schemeFor: (surfaceId: string) => Scheme;
}

const IDEAS: readonly Idea[] = [
  {
    id: 'paint-all',
    title: 'Paint all of it',
    because: 'Least stripping; patches, prints and mixed woods disappear under the colour.',
    schemeFor: () => PAINT,
  },
  {
    id: 'wood-top',
    title: 'Wood on top, body painted',
    because: 'The face that is looked at shows its wood; the body is spared the stripper.',
    schemeFor: (id) => (isFaceOnTop({ id }) ? CLEAR : PAINT),
  },
  {
    id: 'clear-all',
    title: 'Strip it and show the wood',
    because: 'All the wood is seen; the most work, and every repair stays visible.',
    schemeFor: () => CLEAR,
  },
  {
    id: 'veneer-top',
    title: 'New veneer on top, body painted',
    because: 'A new face of wood where the old one is printed, patched or worn through.',
    schemeFor: (id) => (isFaceOnTop({ id }) ? VENEER : PAINT),
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
  const kept = (it: Aim | undefined) =>
    it?.scheme.kind === 'leave' || it?.scheme.kind === 'freshened';
  const aimsFor = ({ schemeFor }: Idea): Aim[] =>
    surfacesOf(piece).map(({ id }, at): Aim => {
      const old = aimed[at];
      return old && kept(old) ? old : { surfaceId: id, scheme: schemeFor(id), stripWish: 'best' };
    });
  const known = inspectPiece(piece, shop);
  const weigh = (idea: Pick<Idea, 'id' | 'title' | 'because'>, aims: Aim[]): Alternative => {
    const { id, title, because } = idea;
    const tried = { ...piece, aims };
    const planned = planRoute(tried, shop, known);
    return { id, title, because, aims, route: planned, ...tollOf(tried, shop, planned) };
  };
  const asAimed = {
    id: 'as-aimed',
    title: 'As aimed now',
    because: 'What was said so far.',
  };
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
    .filter((it) => !it.route.refusals.some((no) => no.blocks));
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
          title: `${label}: ${way.label.toLowerCase()}`,
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
      title: `${has ? 'Without' : 'With'} ${phrase}`,
      piece,
      shop: { ...shop, tools },
      schools: null,
    };
  });

/** Chances that differ by less are the same to a user. */
const SAME_CHANCE = 0.01;

const changedRisks = (now: Toll, then: Toll): WhatIf['risks'] => {
  const chance = (of: Toll, kind: RiskKind) => of.risks.find((it) => it.kind === kind)?.chance ?? 0;
  return [...new Set([...now.risks, ...then.risks].map((it) => it.kind))]
    .map((kind) => ({ kind, change: chance(then, kind) - chance(now, kind) }))
    .filter(({ change }) => Math.abs(change) >= SAME_CHANCE);
};

/** The ways and tools that this piece is not worked with, where they would change anything. */
export const whatIfs = (piece: Piece, shop: Shop): readonly WhatIf[] => {
  const known = inspectPiece(piece, shop);
  const of = (it: Pick<Otherwise, 'piece' | 'shop'>) =>
    tollOf(it.piece, it.shop, planRoute(it.piece, it.shop, known));
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
