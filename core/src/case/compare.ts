import { z } from 'zod';
import { SCHOOLS, TOOLS } from '../catalog';
import type { DeepReadonly } from '../effect';
import {
  aim,
  isCoated,
  isFaceOnTop,
  ownSchools,
  shopFor,
  surfacesOf,
  type Aim,
  type OwnSchools,
  type Scheme,
  type Surface,
} from '../piece';
import { refusal } from '../route';
import { changedRisks, riskChange, toll, tollOf } from './toll';
import { waysInWords } from '../words';
import type { Case } from './case';

/** Whole-piece alternatives: the same piece with other aims. */
export const alternative = toll.extend({
  id: z.string(),
  title: z.string(),
  because: z.string(),
  aims: z.array(aim),
  refusals: z.array(refusal),
});
export type Alternative = DeepReadonly<z.infer<typeof alternative>>;

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
export const alternativesFor = (now: Case): readonly Alternative[] => {
  const { piece } = now;
  const aimed = surfacesOf(piece).map(({ id }) => piece.aims.find((it) => it.surfaceId === id));
  const kept = (it: Aim | undefined) => it !== undefined && !isCoated(it.scheme);
  const aimsFor = ({ schemeFor }: Idea): Aim[] =>
    surfacesOf(piece).map((surface, at): Aim => {
      const old = aimed[at];
      return old && kept(old)
        ? old
        : { surfaceId: surface.id, scheme: schemeFor(surface), stripWish: 'best' };
    });
  const weigh = (idea: Pick<Idea, 'id' | 'title' | 'because'>, aims: Aim[]): Alternative => {
    const { id, title, because } = idea;
    const then = now.with({ piece: { ...piece, aims } });
    return { id, title, because, aims, refusals: then.route.refusals, ...tollOf(then) };
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
  risks: z.array(riskChange),
  /** What to add to the schools of the piece to work so on it; null for a tool. */
  schools: ownSchools.nullable(),
});
export type WhatIf = z.infer<typeof whatIf>;

/** The piece, or the shop, otherwise in one thing. */
interface Otherwise {
  readonly id: string;
  readonly title: string;
  readonly then: Case;
  readonly schools: OwnSchools | null;
}

const otherSchools = (now: Case): readonly Otherwise[] =>
  SCHOOLS.rows.flatMap(({ id, label, ways }) =>
    (ways as readonly { id: string; label: string }[])
      .filter((way) => way.id !== shopFor(now.piece, now.shop).schools[id])
      .map((way) => {
        const schools = ownSchools.parse({ [id]: way.id });
        return {
          id: `${id}-${way.id}`,
          title: waysInWords.school(label, way.label),
          then: now.with({
            piece: { ...now.piece, schools: { ...now.piece.schools, ...schools } },
          }),
          schools,
        };
      }),
  );

const otherTools = (now: Case): readonly Otherwise[] =>
  TOOLS.rows.map(({ id, phrase }) => {
    const { shop } = now;
    const has = shop.tools.includes(id);
    const tools = has ? shop.tools.filter((it) => it !== id) : [...shop.tools, id];
    return {
      id,
      title: waysInWords.tool(has, phrase),
      then: now.with({ shop: { ...shop, tools } }),
      schools: null,
    };
  });

/** The ways and tools that this piece is not worked with, where they would change anything. */
export const whatIfs = (it: Case): readonly WhatIf[] => {
  const now = tollOf(it);
  return [...otherSchools(it), ...otherTools(it)].flatMap(({ id, title, schools, then: other }) => {
    const then = tollOf(other);
    const change = {
      minutes: then.minutes - now.minutes,
      days: then.days - now.days,
      money: then.money - now.money,
    };
    const risks = [...changedRisks(now, then)];
    return Object.values(change).every((by) => by === 0) && risks.length === 0
      ? []
      : [{ id, title, ...change, risks, schools }];
  });
};
