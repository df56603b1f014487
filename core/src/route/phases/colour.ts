import { COATINGS, WOODS } from '../../catalog';
import { colourName } from '../../coating';
import { chanceOfAny, type SurfaceContext } from '../context';
import {
  chanceOfBleed,
  chanceOfPeeling,
  effectOf,
  fillsGrain,
  paintPlanOf,
  primerOf,
  stainsOf,
} from '../finishing';
import { fillGrain } from './block';
import { waxLeft } from './clean';
import { SANDING_DUST, capital, dullCoat, layCoat, effort, type Rule, type Work } from '../rule';

const LIGHT = 'Look at the piece from a distance and along a raking light before going on.';
const ROUGH = 'Rough to the hand? P320, light, dust off; else straight on.';

/** Coats of paint, sanded between where the shop holds with that. */
const paintWork = (s: SurfaceContext): readonly Work[] => {
  const plan = paintPlanOf(s);
  if (!plan) return [];
  const always = s.shop.schools.betweenCoats === 'always';
  const name = colourName(plan.colour);
  return Array.from({ length: plan.coats }, (_, index): readonly Work[] => {
    const coat = layCoat(s, plan.coating, {
      variant: `${plan.colour}-${index + 1}`,
      risks:
        index === 0
          ? {
              bleed: chanceOfBleed(s),
              peel: primerOf(s) ? 0 : chanceOfPeeling(s),
              wax: primerOf(s) ? 0 : waxLeft(s),
              groundShows: plan.neverCovers ? 1 : 0,
            }
          : {},
      rank: 20 + 2 * index,
      title: `${capital(COATINGS.get(plan.coating).label)}, ${name}, coat ${index + 1}`,
      how:
        index === 0
          ? ['Brush marks and thin spots are normal after the first coat.']
          : always
            ? []
            : [ROUGH],
    });
    const last = index + 1 === plan.coats;
    return [
      { ...coat, how: [...coat.how, LIGHT], waitsFor: ['bleed'] },
      ...(always && !last
        ? [
            dullCoat(s, {
              id: `${plan.colour}-${index + 1}`,
              grit: 320,
              rank: 21 + 2 * index,
              next: 'Ready for the next coat.',
            }),
          ]
        : []),
    ];
  }).flat();
};

const STAIN_TITLES: Readonly<Record<string, string>> = {
  conditioner: 'Condition the wood',
  oilStain: 'Stain',
  gelStain: 'Stain with gel over the sealed face',
};

/** Chance of a wood that takes stain unevenly, where no conditioner was planned for it. */
const chanceOfBlotches = (s: SurfaceContext): number =>
  s.aim.scheme.kind === 'veneered' || stainsOf(s).includes('conditioner')
    ? 0
    : chanceOfAny(
        s.beliefs.wood.distribution,
        WOODS.rows.filter((it) => it.blotches),
      );

/** Papers by how far a face is rubbed through: the coarser, the more of the wood shows. */
const DISTRESS_GRITS = {
  light: [220, 320],
  usual: [180, 220],
  hard: [120, 180, 220],
} as const;

const DISTRESS_PLACES = {
  edges: 'Edges, corners, round the pulls, along the foot; not the flat of the face.',
  edgesAndFields:
    'Edges, corners, round the pulls, along the foot; then a few places on the flat, where a hand or a chair would rub.',
} as const;

/** What gives the surface its colour. */
export const COLOUR_RULES: readonly Rule[] = [
  {
    id: 'stain-into-open-wood',
    phase: 'colour',
    applies: (s) => stainsOf(s).length > 0,
    because: (s) =>
      primerOf(s)
        ? `${s.surface.name}: the face is sealed against old dye, and only gel takes over a sealed face.`
        : stainsOf(s).includes('conditioner')
          ? `${s.surface.name}: ${s.wood.label} takes stain in blotches; conditioner evens it out.`
          : `${s.surface.name}: stain goes into open wood, before any film.`,
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) => {
      const shade = 'shade' in s.aim.scheme ? (s.aim.scheme.shade ?? '') : '';
      return stainsOf(s).map((coating, index) =>
        layCoat(s, coating, {
          variant: shade,
          rank: index,
          risks: { blotches: coating === 'oilStain' ? chanceOfBlotches(s) : 0 },
          title: `${STAIN_TITLES[coating] ?? 'Stain'}${coating === 'conditioner' ? '' : `, ${shade}`}`,
        }),
      );
    },
  },
  {
    id: 'fill-pores-under-clear',
    phase: 'colour',
    applies: (s) => s.aim.scheme.kind !== 'painted' && fillsGrain(s),
    because: (s) =>
      `${s.surface.name}: ${s.wood.label}; a smooth clear coat wants its pores filled, after the stain.`,
    evidence: (s) => s.beliefs.wood.speaksFor,
    work: (s) => fillGrain(s, 5).slice(0, 1),
  },
  {
    id: 'paint-to-cover',
    phase: 'colour',
    applies: (s) => paintPlanOf(s) !== undefined,
    because: (s) => {
      const plan = paintPlanOf(s);
      const below = plan?.tint ? `${plan.tint} primer` : 'what lies below';
      return `${s.surface.name}: ${plan?.coats ?? 0} coats until ${below} makes no difference to the eye${plan?.neverCovers ? ', and even then it shows a little' : ''}.`;
    },
    work: paintWork,
  },
  {
    id: 'effect-on-dry-paint',
    phase: 'colour',
    applies: (s) => effectOf(s) !== undefined,
    because: (s) =>
      s.aim.scheme.kind === 'washed'
        ? `${s.surface.name}: a thin wash lets the grain show through its colour.`
        : `${s.surface.name}: the effect lies on the finished, dry colour.`,
    work: (s) => {
      const effect = effectOf(s);
      if (!effect) return [];
      const { label } = COATINGS.get(effect);
      return [layCoat(s, effect, { rank: 60, title: capital(label), rate: 'effect' })];
    },
  },
  {
    id: 'distress-where-hands-go',
    phase: 'colour',
    applies: (s) => s.aim.scheme.kind === 'painted' && s.aim.scheme.effect === 'distressed',
    because: (s) => `${s.surface.name}: wear looks true where hands, feet and doors would rub.`,
    work: (s) => {
      if (s.lead === 'found') return [];
      const asked = s.aim.scheme.kind === 'painted' ? s.aim.scheme.distress : undefined;
      const grits = DISTRESS_GRITS[asked?.strength ?? 'usual'];
      const papers = grits.map((it) => `P${it}`);
      return [
        {
          method: 'distress',
          variant: `${asked?.where ?? 'edges'}-${grits.join('-')}`,
          rank: 61,
          title: `Rub through, ${papers.join(' · ')}`,
          ...effort('distress', s),
          how: [
            DISTRESS_PLACES[asked?.where ?? 'edges'],
            `${papers[0]} to break through, ${papers.at(-1)} to soften. Stop early: paint is easier taken off than put back.`,
            'Vacuum, lint-free cloth, tack cloth.',
          ],
          materials: [...papers.map((it) => `${it} paper`), 'Tack cloth'],
          protection: ['P100 filter', 'Extraction'],
          cautions: [SANDING_DUST],
          grits,
          makesDust: true,
          dedusts: true,
          leaves: 'dulled',
        },
      ];
    },
  },
];
