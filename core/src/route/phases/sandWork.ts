import { DEDUST_WITHOUT_EXTRACTOR, GAPS, SANDING_MODEL } from '../../catalog';
import { checkGap, type GapCheck } from '../../coating';
import { chanceOfSandingThrough, planLadder, sandingTask, type Ladder } from '../../sanding';
import { showLength, showThickness } from '../../units';
import { carriesDoors, carriesDrawers, has, keepsFilm, type SurfaceContext } from '../context';
import { ladderFor, thinnerThan, toolFor } from '../faceSanding';
import { filmOf } from '../finishing';
import { CODE, SANDING_DUST, effort, type Work } from '../rule';

/** A filled place is sanded over about this area, mm². */
export const FILL_AREA_MM2 = 20_000;

/** May be sanded dry: no lead was found. */
export const isDry = (s: SurfaceContext): boolean => s.lead !== 'found';

/** It gets a new face of veneer. */
export const isVeneered = (s: SurfaceContext): boolean => s.aim.scheme.kind === 'veneered';

/** “P80, then P120”. */
export const gritsInWords = (grits: readonly number[]): string =>
  grits.map((it) => `P${it}`).join(', then ');

const edges = (s: SurfaceContext): string =>
  `By hand ${showLength(30, s.shop.units)} from every edge: a machine takes an edge two to three times as fast.`;

const ARRIS = 'One or two passes over every sharp edge: a sharp edge is where paint fails first.';
const BETWEEN_RUNGS = 'Vacuum and wipe between papers; look along the surface with a raking light.';

/** Faces that meet others in a gap. */
const slides = (s: SurfaceContext): boolean => carriesDrawers(s) || carriesDoors(s);

/** What new film does to a part that runs in an opening, where too little would be left. */
export const slidesTight = (s: SurfaceContext): GapCheck | undefined => {
  if (!slides(s)) return undefined;
  const gap = has(s, 'catchingDrawer') ? GAPS.catches : GAPS.runs;
  const check = checkGap(gap, filmOf(s), 2, GAPS.keep);
  return check.sandDownUm > 0 ? check : undefined;
};

const dedust = (s: SurfaceContext, after: string): Work => ({
  method: 'dedust',
  variant: after,
  rank: 9,
  title: 'Dedust',
  ...effort('dedust', s, s.shop.tools.includes('extractor') ? 1 : DEDUST_WITHOUT_EXTRACTOR.value),
  how: [
    'Vacuum with a brush, pores and corners.',
    'Lint-free cloth, damp with alcohol and water half and half; it shows missed scratches.',
    'Tack cloth last.',
  ],
  materials: ['Lint-free cloths', 'Tack cloth', 'Denatured alcohol'],
  wait: { minutes: 20, until: 'the alcohol is off' },
  protection: ['Dust mask', 'Nitrile gloves', 'No flame'],
  dedusts: true,
});

/** Dry sanding and the dedusting that belongs to it. Held apart where the lead gate is open. */
export const drySanding = (
  s: SurfaceContext,
  work: Omit<Work, 'makesDust' | 'protection'>,
): readonly Work[] => [
  {
    ...work,
    makesDust: true,
    protection: [
      'P100 filter',
      s.shop.tools.includes('extractor') ? 'Extraction' : 'Outdoors, or the door shut',
      'Hearing protection',
    ],
  },
  dedust(s, s.lead === 'open' ? 'held' : ''),
];

/** Chance that a ladder takes more than there is of the veneer, in the field and at edges. */
const sandThrough = (s: SurfaceContext, ladder: Ladder): Work['sandThrough'] =>
  s.veneerUm === null
    ? null
    : {
        field: chanceOfSandingThrough(ladder.removedUm, thinnerThan(s), 'field'),
        edge: chanceOfSandingThrough(ladder.removedUm, thinnerThan(s), 'edge'),
      };

/** Dulls the film that stays, so that the next coat grips. */
export const scuffWork = (s: SurfaceContext): readonly Work[] => {
  const smooth = s.finish.glossy || !s.substrate.wood;
  const ladder = planLadder(
    sandingTask.parse({
      defectUm: SANDING_MODEL.defects.film,
      coarsestGrit: smooth ? 180 : 120,
      targetGrit: s.shop.schools.scuff === 'coarse' ? (smooth ? 180 : 120) : smooth ? 180 : 150,
      areaMm2: s.surface.areaMm2,
      tool: toolFor(s),
    }),
  );
  const grits = ladder.kind === 'ladder' ? ladder.rungs.map((it) => it.grit) : [];
  return drySanding(s, {
    method: 'scuff',
    variant: `${grits.join('-')}`,
    rank: 2,
    leaves: 'dulled',
    title: `Scuff ${grits.map((it) => `P${it}`).join(' · ')}`,
    ...effort('scuff', s),
    how: [
      `${gritsInWords(grits)}, light: until the gloss is gone, not until the film is.`,
      ARRIS,
      edges(s),
    ],
    materials: grits.map((it) => `P${it} paper`),
    grits,
    cautions: [SANDING_DUST],
  });
};

/** The ladder on bare wood, with the chance of sanding through. */
export const ladderWork = (s: SurfaceContext): readonly Work[] => {
  const ladder = ladderFor(s);
  // Too thin for a ladder: paint is content with a scuff; where wood shows, it is refused.
  if (ladder.kind === 'refused') return s.showsWood ? [] : scuffWork(s);
  const grits = ladder.rungs.map((it) => it.grit);
  const tool = toolFor(s);
  const through = sandThrough(s, ladder);
  return drySanding(s, {
    method: 'sand-ladder',
    variant: `${tool}-${grits.join('-')}`,
    rank: 1,
    title: `Sand ${grits.map((it) => `P${it}`).join(' · ')}${tool === 'hand' ? ', by hand' : ''}`,
    minutes: ladder.minutes,
    ladder,
    sandThrough: through,
    risks: { sandThrough: through?.edge ?? 0, noWood: s.showsWood ? s.chanceUnstainable : 0 },
    leaves: 'bare',
    how: [
      `${gritsInWords(grits)}, ${tool === 'machine' ? 'machine on the flats, foam pad on curves' : 'by hand with a block, with the grain'}.`,
      edges(s),
      ...(s.aim.scheme.kind === 'painted' ? [ARRIS] : []),
      BETWEEN_RUNGS,
      ...(ladder.veneerLeftUm === null
        ? []
        : [
            `Takes about ${showThickness(ladder.removedUm, s.shop.units)}; about ${showThickness(ladder.veneerLeftUm, s.shop.units)} of veneer stays at its thin places. Do not dwell.`,
          ]),
    ],
    materials: grits.map((it) => `P${it} paper`),
    grits,
    cautions: [SANDING_DUST],
    waitsFor: ['substrate', 'veneer'],
    insteadOf: [
      {
        label: 'Fewer papers',
        because: `a step of more than ${SANDING_MODEL.maxStep.toFixed(0)} in grain leaves scratches that the next paper can't clear`,
      },
    ],
  });
};

/** Wet sanding by hand, contained: what lead leaves. */
export const wetWork = (s: SurfaceContext): readonly Work[] => [
  {
    method: 'wet-sand',
    variant: s.showsWood ? 'bare' : 'scuff',
    rank: 3,
    leaves: s.showsWood || !keepsFilm(s) ? 'bare' : 'dulled',
    title: s.showsWood ? 'Sand wet by hand, contained' : 'Scuff wet by hand, contained',
    ...effort('wetScuff', s, s.showsWood ? 2 : 1),
    how: [
      'Wet-or-dry paper, a block and a sponge; keep it wet.',
      'Wipe the slurry up before it dries, bag the wipes.',
      'Rinse twice, dry at once.',
    ],
    materials: ['Wet-or-dry P150 paper', 'Sponge', 'Waste bags'],
    grits: [150],
    wait: { minutes: 12 * 60, until: 'dry, overnight' },
    protection: ['P100 respirator', 'Disposable overall', 'Nitrile gloves'],
    cautions: [{ text: 'Lead: nothing dry, nothing hot, waste by local rules.', lastWord: CODE }],
    dedusts: true,
    insteadOf: [{ label: 'Dry sanding', because: 'lead was found on this surface' }],
  },
];
