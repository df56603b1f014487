import { DAMAGES, PART_MINUTES, SANDING_MODEL } from '../../catalog';
import { planLadder, sandingTask } from '../../sanding';
import { showThickness } from '../../units';
import { behind, keepsFilm } from '../context';
import { toolFor } from '../faceSanding';
import { SANDING_DUST, effort, type Rule } from '../rule';
import { holesIn, leavesFill, replacedFittings, sandsStainOut } from './repair';
import {
  FILL_AREA_MM2,
  isDry,
  isVeneered,
  gritsInWords,
  slidesTight,
  drySanding,
  scuffWork,
  ladderWork,
  wetWork,
} from './sandWork';

/** Ladders on bare wood, scuffs on a film that stays, wet work where there is lead. */
export const SAND_RULES: readonly Rule[] = [
  {
    id: 'flush-the-fill',
    phase: 'sand',
    applies: (s) => s.worked && isDry(s) && leavesFill(s),
    because: (s) => `${s.surface.name}: filler is left proud and comes flush with the wood.`,
    work: (s) => {
      const places =
        s.findings.reduce((sum, it) => sum + it.count, 0) + holesIn(replacedFittings(s));
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
