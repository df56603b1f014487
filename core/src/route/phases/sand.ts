import {
  DAMAGES,
  DEDUST_WITHOUT_EXTRACTOR,
  GAPS,
  PART_MINUTES,
  SANDING_MODEL,
} from '../../catalog';
import { checkGap, type GapCheck } from '../../coating';
import { chanceOfSandingThrough, planLadder, sandingTask, type Ladder } from '../../sanding';
import { showLength, showThickness } from '../../units';
import {
  behind,
  carriesDoors,
  carriesDrawers,
  has,
  keepsFilm,
  ladderFor,
  thinnerThan,
  toolFor,
  type SurfaceContext,
} from '../context';
import { filmOf } from '../finishing';
import { CODE, SANDING_DUST, effort, type Rule, type Work } from '../rule';
import { leavesFill, replacedFittings, sandsStainOut } from './repair';

/** A filled place is sanded over about this area, mm². */
const FILL_AREA_MM2 = 20_000;

const isDry = (s: SurfaceContext): boolean => s.lead !== 'found';

const isVeneered = (s: SurfaceContext): boolean => s.aim.scheme.kind === 'veneered';

const gritsInWords = (grits: readonly number[]): string =>
  grits.map((it) => `P${it}`).join(', then ');

const edges = (s: SurfaceContext): string =>
  `By hand ${showLength(30, s.shop.units)} from every edge: a machine takes an edge two to three times as fast.`;

const ARRIS = 'One or two passes over every sharp edge: a sharp edge is where paint fails first.';
const BETWEEN_RUNGS = 'Vacuum and wipe between papers; look along the surface with a raking light.';

/** Faces that meet others in a gap. */
const slides = (s: SurfaceContext): boolean => carriesDrawers(s) || carriesDoors(s);

/** What new film does to a part that runs in an opening, where too little would be left. */
const slidesTight = (s: SurfaceContext): GapCheck | undefined => {
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
const drySanding = (
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

const scuffWork = (s: SurfaceContext): readonly Work[] => {
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

const ladderWork = (s: SurfaceContext): readonly Work[] => {
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

const wetWork = (s: SurfaceContext): readonly Work[] => [
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

/** Ladders on bare wood, scuffs on a film that stays, wet work where there is lead. */
export const SAND_RULES: readonly Rule[] = [
  {
    id: 'flush-the-fill',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && leavesFill(s),
    because: (s) => `${s.surface.name}: filler is left proud and comes flush with the wood.`,
    work: (s) => {
      const places =
        s.findings.reduce((sum, it) => sum + it.count, 0) +
        replacedFittings(s).reduce((sum, it) => sum + 2 * it.count, 0);
      const ladder = planLadder(
        sandingTask.parse({
          defectUm: SANDING_MODEL.defects.afterFill,
          coarsestGrit: 80,
          targetGrit: s.showsWood ? 150 : 220,
          areaMm2: FILL_AREA_MM2 * places,
          veneerUm: s.veneerUm,
          tool: 'hand',
        }),
      );
      if (ladder.kind === 'refused') return [];
      const grits = ladder.rungs.map((it) => it.grit);
      return drySanding(s, {
        method: 'flush-fill',
        variant: grits.join('-'),
        rank: 0,
        title: `Flush the filler ${grits.map((it) => `P${it}`).join(' · ')}`,
        minutes: ladder.minutes,
        how: [
          `${gritsInWords(grits)} on a block, over the filled places only.`,
          'Feel for the edge with eyes shut.',
        ],
        materials: grits.map((it) => `P${it} paper`),
        grits,
        cautions: [SANDING_DUST],
      });
    },
  },
  {
    id: 'dark-stain-sanded-out-of-solid-wood',
    phase: 'sand',
    applies: (s) => isDry(s) && s.findings.some((it) => sandsStainOut(s, it)),
    because: (s) =>
      `${s.surface.name}: ink or iron lies in the wood, and solid wood has enough to give.`,
    work: (s) => {
      const places = s.findings
        .filter((it) => sandsStainOut(s, it))
        .reduce((sum, it) => sum + it.count, 0);
      const ladder = planLadder(
        sandingTask.parse({
          defectUm: SANDING_MODEL.defects.darkStain,
          coarsestGrit: 80,
          targetGrit: 120,
          areaMm2: FILL_AREA_MM2 * places,
          jankaLbf: s.wood.jankaLbf,
          tool: toolFor(s),
        }),
      );
      if (ladder.kind === 'refused') return [];
      const grits = ladder.rungs.map((it) => it.grit);
      return drySanding(s, {
        method: 'sand-out-stain',
        variant: grits.join('-'),
        rank: 0,
        title: `Sand the dark stain out ${grits.map((it) => `P${it}`).join(' · ')}`,
        minutes: ladder.minutes,
        how: [
          `${gritsInWords(grits)}, feathered wide, so that no hollow is seen in a raking light.`,
          'What stays is bleached: oxalic acid by its label, rinsed, dry overnight.',
        ],
        materials: grits.map((it) => `P${it} paper`),
        grits,
        cautions: [SANDING_DUST],
        risks: { repairShows: DAMAGES.get('darkRing').underClear?.shows ?? 0 },
        insteadOf: [
          {
            label: 'oxalic acid',
            because: 'poison, and a night of drying, where wood can be spared',
          },
        ],
      });
    },
  },
  {
    id: 'new-holes-before-the-coats',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && replacedFittings(s).length > 0,
    because: () => 'Drilled before the coats, no film is chipped; by a jig, all of them line up.',
    work: (s) => {
      const count = replacedFittings(s).reduce((sum, it) => sum + it.count, 0);
      return drySanding(s, {
        method: 'drill-new-holes',
        rank: 4,
        title: `Mark all, then drill for ${count} new fittings`,
        minutes: count * PART_MINUTES.drill,
        how: [
          'Mark every hole with a jig first; look at them all from a step back.',
          'Then drill all, from the face, a block behind; depth marked on the bit.',
        ],
        materials: ['Drilling jig', 'Drill bits'],
      });
    },
  },
  {
    id: 'ladder-to-the-next-coat',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && !keepsFilm(s) && !isVeneered(s) && s.substrate.wood,
    because: (s) =>
      `${s.surface.name}: ${s.substrate.label}, ${s.aim.scheme.kind}. ${
        s.aim.scheme.kind === 'stained' && s.veneerUm !== null
          ? 'On veneer stop early, so that it still takes colour.'
          : 'Each paper clears the scratches of the one before.'
      }`,
    evidence: (s) => [...behind(s.beliefs.substrate), ...behind(s.beliefs.wood)],
    work: ladderWork,
  },
  {
    id: 'scuff-what-stays',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && keepsFilm(s),
    because: (s) =>
      `${s.surface.name}: ${s.substrate.wood ? `${s.finish.label} stays` : s.substrate.label}; paint holds on a dulled face.`,
    evidence: (s) => [...behind(s.beliefs.finish), ...behind(s.beliefs.substrate)],
    work: scuffWork,
  },
  {
    id: 'new-veneer-by-hand',
    phase: 'sand',
    applies: isVeneered,
    because: (s) => `${s.surface.name}: the new face is thin; it only wants its fuzz off.`,
    work: (s) =>
      drySanding(s, {
        method: 'sand-veneer',
        rank: 1,
        title: 'Sand the new veneer P180, by hand',
        ...effort('scuff', s),
        how: ['P180 on a block, along the grain, two passes.', 'Stay off the edges.'],
        materials: ['P180 paper'],
        grits: [180],
        cautions: [SANDING_DUST],
      }),
  },
  {
    id: 'sliding-parts-still-run',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && slidesTight(s) !== undefined,
    because: (s) => {
      const it = slidesTight(s);
      return `${s.surface.name}: new coats close ${Math.round(it?.closesUm ?? 0)} µm of the gap; ${Math.round(it?.leftUm ?? 0)} µm would be left.`;
    },
    work: (s) =>
      drySanding(s, {
        method: 'ease-edges',
        rank: 3,
        title: 'Take the edges that slide down',
        ...effort('scuff', s),
        how: [
          `P100 on a block: about ${showThickness(slidesTight(s)?.sandDownUm ?? 0, s.shop.units)} off each face that meets in the gap, nearly to bare wood.`,
          'Try the fit: it should rattle a little before it is coated.',
        ],
        materials: ['P100 paper'],
        grits: [100],
        cautions: [SANDING_DUST],
      }),
  },
  {
    id: 'lead-means-wet',
    phase: 'sand',
    applies: (s) => s.worked && !isDry(s) && !isVeneered(s),
    because: (s) => `${s.surface.name}: ${s.beliefs.leadStatus.text} Wet work makes no dust.`,
    evidence: (s) => s.beliefs.lead.speaksFor,
    work: wetWork,
  },
];
