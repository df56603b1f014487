import { judgeTopcoat } from '../../coating';
import { visibilityOf } from '../../piece';
import { planLadder, sandingTask } from '../../sanding';
import {
  UNSTAINABLE,
  behind,
  has,
  leadObservations,
  observationsOf,
  type SurfaceContext,
} from '../context';
import { ladderFor } from '../faceSanding';
import { belowTopcoat } from '../finishing';
import type { Refusal } from '../operation';
import { forbiddenWish } from '../phases/stripChoice';

/** A named reason to say no, with the way out. */
interface RefusalRule {
  readonly id: string;
  /** No work towards the aim is planned while it stands. */
  readonly blocks: boolean;
  readonly judge: (
    s: SurfaceContext,
  ) => Pick<Refusal, 'title' | 'because' | 'waysOut' | 'observationIds'> | undefined;
}

const here = (s: SurfaceContext): string => s.surface.name.toLowerCase();

export const REFUSAL_RULES: readonly RefusalRule[] = [
  {
    id: 'lead-childs-room',
    blocks: true,
    judge: (s) =>
      s.lead === 'found' && s.piece.childsRoom && s.worked
        ? {
            title: `No work by yourself on the ${here(s)}`,
            because: `${s.beliefs.leadStatus.text} This piece goes to a child's room.`,
            waysOut: [
              'Hand it to a certified firm.',
              'Leave it as it is, and out of the child’s room.',
            ],
            observationIds: [...leadObservations(s)],
          }
        : undefined,
  },
  {
    id: 'no-stain-on-print',
    blocks: true,
    judge: (s) =>
      s.showsWood && s.chanceUnstainable >= UNSTAINABLE
        ? {
            title: `No ${s.aim.scheme.kind === 'stained' ? 'stain' : 'clear finish over bare wood'} on the ${here(s)}`,
            because: `It is ${s.substrate.label}: there is no wood in the face to take it, and stripper would lift the face.`,
            waysOut: [
              'Paint it: scuff, bonding primer, colour.',
              'Lay new veneer.',
              'Leave it as it is.',
              'If it is wood after all: look into a chip and record it.',
            ],
            observationIds: [...behind(s.beliefs.substrate)],
          }
        : undefined,
  },
  {
    id: 'veneer-too-thin',
    blocks: true,
    judge: (s) => {
      if (!s.showsWood || s.lead === 'found') return undefined;
      const ladder = ladderFor(s);
      return ladder.kind === 'refused' && ladder.rule === 'veneer-too-thin'
        ? {
            title: `No sanding of the ${here(s)}`,
            because: ladder.because,
            waysOut: [...ladder.waysOut],
            observationIds: [
              ...observationsOf(s, 'veneer-thickness'),
              ...behind(s.beliefs.substrate),
            ],
          }
        : undefined;
    },
  },
  {
    id: 'patch-peeled',
    blocks: true,
    judge: (s) =>
      s.aim.scheme.kind === 'painted' && !s.substrate.wood && s.bond === 'fails'
        ? {
            title: `No paint on the ${here(s)} yet`,
            because:
              'At the cross-cut the tape took more than 15 % of the coat: on the whole face it would peel.',
            waysOut: [
              'Degrease, scuff once more, set another patch, and record it.',
              'Try another class of bonding primer on a patch.',
              'Lay new veneer.',
              'Leave it as it is.',
            ],
            observationIds: [...observationsOf(s, 'cross-cut')],
          }
        : undefined,
  },
  {
    id: 'no-veneer-here',
    blocks: true,
    judge: (s) => {
      if (s.aim.scheme.kind !== 'veneered') return undefined;
      const because =
        s.lead === 'found'
          ? `${s.beliefs.leadStatus.text} The ground would have to be scuffed dry.`
          : s.surface.part === 'stick'
            ? 'A sheet of veneer wants a flat face, and this one is turned or narrow.'
            : undefined;
      return because === undefined
        ? undefined
        : {
            title: `No new veneer on the ${here(s)}`,
            because,
            waysOut: ['Paint it.', 'Leave it as it is.'],
            observationIds: [...leadObservations(s)],
          };
    },
  },
  {
    id: 'no-dry-sanding-of-suspect-paint',
    blocks: false,
    judge: (s) => {
      const wish = forbiddenWish(s);
      if (!s.strips || !wish || (s.lead !== 'open' && s.lead !== 'found')) return undefined;
      const verdict = planLadder(sandingTask.parse({ defectUm: 0, targetGrit: 120, lead: s.lead }));
      return {
        title: `No ${wish.way.label} on the ${here(s)}`,
        because: `${verdict.kind === 'refused' ? verdict.because : ''} ${wish.way.title} ${wish.because}. Gel is planned instead.`,
        waysOut:
          verdict.kind === 'refused'
            ? [...verdict.waysOut]
            : ['Record a lead result for each layer.'],
        observationIds: [...leadObservations(s)],
      };
    },
  },
  {
    id: 'strip-way-not-here',
    blocks: false,
    judge: (s) => {
      const wish = forbiddenWish(s);
      return s.strips && wish && s.lead !== 'open' && s.lead !== 'found'
        ? {
            title: `No ${wish.way.label} on the ${here(s)}`,
            because: `${wish.way.title}: ${wish.because}. Another way is planned.`,
            waysOut: ['Take gel, covered.', 'Let Obrik choose the way.'],
            observationIds: [...behind(s.beliefs.substrate)],
          }
        : undefined;
    },
  },
  {
    id: 'patch-will-show',
    blocks: false,
    judge: (s) =>
      s.showsWood && has(s, 'missingVeneer') && visibilityOf(s.surface) === 'high'
        ? {
            title: `No invisible patch on the ${here(s)}`,
            because:
              'A patch in veneer takes colour and light in another way than what lies round it.',
            waysOut: [
              'Paint it.',
              'Accept the patch: an honest repair.',
              'Paint a motif or a band where the patches are.',
              'Lay new veneer on the whole face.',
            ],
            observationIds: [],
          }
        : undefined,
  },
  {
    id: 'topcoat-that-would-fail',
    blocks: false,
    judge: (s) => {
      const verdict = judgeTopcoat(s.aim.scheme, belowTopcoat(s));
      return verdict?.may === 'never'
        ? {
            title: `No ${'topcoat' in s.aim.scheme && s.aim.scheme.topcoat === 'hardOil' ? 'oil' : 'oil-based clear'} over the ${here(s)}`,
            because: `${verdict.because} A waterborne clear is planned instead.`,
            waysOut: [...verdict.waysOut],
            observationIds: [],
          }
        : undefined;
    },
  },
];

/** Everything that is refused on a surface. */
export const refusalsOn = (s: SurfaceContext): readonly Refusal[] =>
  REFUSAL_RULES.flatMap((rule) => {
    const no = rule.judge(s);
    return no ? [{ rule: rule.id, surfaceId: s.surface.id, blocks: rule.blocks, ...no }] : [];
  });
