import { COATINGS, SCHOOLS, STRIP_WAYS, type School, type StripWay } from '../catalog';
import { litresFor } from '../coating';
import { surfacesOf, type Aim, type Piece, type Scheme, type Shop } from '../piece';
import { squareMetres } from '../units';
import { contextsOf, type SurfaceContext } from './context';
import { calendarDays } from './days';
import { primerOf } from './finishing';
import type { Route } from './operation';
import { planRoute } from './plan';
import { refusalsOn } from './refusals';

/** A bad outcome and how likely it is on its likeliest surface. */
export interface Risk {
  readonly label: string;
  readonly chance: number;
  readonly where: string;
}

/** What a way of doing a piece takes. */
export interface Toll {
  readonly minutes: number;
  readonly days: number;
  /** Coatings and stripper, minor units of money; by placeholder prices of the catalog. */
  readonly money: number;
  readonly risks: readonly Risk[];
  /** What of it can hurt, in words. */
  readonly hazards: readonly string[];
}

/** Whole-piece alternatives: the same piece with other aims. */
export interface Alternative extends Toll {
  readonly id: string;
  readonly title: string;
  readonly aims: readonly Aim[];
  readonly because: string;
  readonly route: Route;
}

/** Risks below this are not worth a word. */
const WORTH_SAYING = 0.02;

const moneyOf = (piece: Piece, route: Route): number => {
  const areas = new Map(surfacesOf(piece).map((it) => [it.id, it.areaMm2]));
  return route.operations.reduce((sum, it) => {
    const area = it.surfaceIds.reduce((all, id) => all + (areas.get(id) ?? 0), 0);
    const laid = it.coating
      ? litresFor(it.coating, area) * COATINGS.get(it.coating).pricePerLitre
      : 0;
    const way = STRIP_WAYS.ids.find((id): id is StripWay => it.method === `strip-${id}`);
    return sum + laid + (way ? STRIP_WAYS.get(way).costPerM2 * squareMetres(area) : 0);
  }, 0);
};

const risksOn = (s: SurfaceContext): readonly Risk[] => {
  const { bleed, finish, veneer } = s.beliefs;
  const where = s.surface.name;
  const primer = primerOf(s)?.primer.id;
  const light = 'shade' in s.aim.scheme && ['white', 'pale'].includes(s.aim.scheme.shade ?? '');
  const holds = primer === 'pigmentedShellac' || primer === 'clearShellac';
  const slick = finish.distribution.factory;
  return [
    {
      label: 'Stain comes through the colour',
      chance: s.aim.scheme.kind === 'painted' && light && !holds ? 1 - bleed.distribution.none : 0,
      where,
    },
    {
      label: 'Paint peels off a slick film',
      chance: s.aim.scheme.kind === 'painted' && !primer ? slick : 0,
      where,
    },
    {
      label: 'Sanded through the veneer',
      chance: s.showsWood && s.veneerUm !== null ? veneer.tooThin : 0,
      where,
    },
    {
      label: 'There is no wood in the face',
      chance: s.showsWood ? s.chanceUnstainable : 0,
      where,
    },
  ];
};

const worstOf = (risks: readonly Risk[]): readonly Risk[] => {
  const byLabel = new Map<string, Risk>();
  for (const it of risks) {
    const old = byLabel.get(it.label);
    if (it.chance >= WORTH_SAYING && (!old || it.chance > old.chance)) byLabel.set(it.label, it);
  }
  return [...byLabel.values()].sort((a, b) => b.chance - a.chance);
};

const hazardsOf = (route: Route): readonly string[] => {
  const some = (test: (it: Route['operations'][number]) => boolean, words: string) =>
    route.operations.some(test) ? [words] : [];
  return [
    ...some((it) => it.method === 'contain-lead', 'work with lead'),
    ...some((it) => it.gate?.kind === 'lead', 'lead still open'),
    ...some((it) => it.method.startsWith('strip-'), 'stripping'),
    ...some((it) => it.protection.includes('Organic-vapour cartridges'), 'solvent fumes'),
    ...some((it) => it.makesDust, 'dust'),
  ];
};

/** What a piece takes as it is aimed at. */
export const tollOf = (piece: Piece, shop: Shop, route: Route = planRoute(piece, shop)): Toll => ({
  minutes: route.minutes,
  days: calendarDays(route.operations),
  money: Math.round(moneyOf(piece, route)),
  risks: worstOf(contextsOf(piece, shop).flatMap(risksOn)),
  hazards: hazardsOf(route),
});

const PAINT: Scheme = { kind: 'painted', shade: 'pale', topcoat: 'waterborne' };
const CLEAR: Scheme = { kind: 'clear', topcoat: 'waterborne' };
const VENEER: Scheme = { kind: 'veneered', topcoat: 'waterborne' };
const FACES = new Set(['top', 'seat']);

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
    schemeFor: (id) => (FACES.has(id) ? CLEAR : PAINT),
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
    schemeFor: (id) => (FACES.has(id) ? VENEER : PAINT),
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
  const aimsFor = ({ schemeFor }: Idea): readonly Aim[] =>
    surfacesOf(piece).map(({ id }, at): Aim => {
      const old = aimed[at];
      return old && kept(old) ? old : { surfaceId: id, scheme: schemeFor(id), stripWish: 'best' };
    });
  const weigh = (
    idea: Pick<Idea, 'id' | 'title' | 'because'>,
    aims: readonly Aim[],
  ): Alternative => {
    const tried = { ...piece, aims: [...aims] };
    const route = planRoute(tried, shop);
    return { ...idea, aims, route, ...tollOf(tried, shop, route) };
  };
  const isAllowed = (aims: readonly Aim[]): boolean =>
    !contextsOf({ ...piece, aims: [...aims] }, shop)
      .flatMap(refusalsOn)
      .some((it) => it.blocks);
  const hasAims = piece.aims.length > 0;
  const now = {
    id: 'as-aimed',
    title: 'As aimed now',
    because: 'What was said so far.',
  };
  const others = IDEAS.map((idea) => ({ idea, aims: aimsFor(idea) }))
    .filter(
      ({ idea, aims }) =>
        idea.id !== 'veneer-top' || aims.some((it) => it.scheme.kind === 'veneered'),
    )
    .filter(({ aims }, at, all) => all.findIndex((one) => sameAims(one.aims, aims)) === at)
    .filter(
      ({ aims }) =>
        !(
          hasAims &&
          aims.length === piece.aims.length &&
          sameAims(
            aims,
            aimed.flatMap((it) => it ?? []),
          )
        ),
    )
    .filter(({ aims }) => isAllowed(aims))
    .map(({ idea: { id, title, because }, aims }) => weigh({ id, title, because }, aims));
  return [...(hasAims ? [weigh(now, piece.aims)] : []), ...others].slice(0, MOST);
};

/** What another way of working would change. */
export interface WhatIf {
  readonly school: School;
  readonly way: string;
  readonly title: string;
  readonly minutes: number;
  readonly days: number;
  readonly money: number;
}

/** For each school the ways that this shop does not follow, where they would change anything. */
export const whatIfs = (piece: Piece, shop: Shop): readonly WhatIf[] => {
  const now = tollOf(piece, shop);
  return SCHOOLS.rows.flatMap((school) =>
    (school.ways as readonly { id: string; label: string }[])
      .filter((way) => way.id !== shop.schools[school.id])
      .flatMap((way): WhatIf[] => {
        const other = { ...shop, schools: { ...shop.schools, [school.id]: way.id } };
        const then = tollOf(piece, other);
        const change = {
          minutes: then.minutes - now.minutes,
          days: then.days - now.days,
          money: then.money - now.money,
        };
        return Object.values(change).every((it) => it === 0)
          ? []
          : [
              {
                school: school.id,
                way: way.id,
                title: `${school.label}: ${way.label.toLowerCase()}`,
                ...change,
              },
            ];
      }),
  );
};
