import { EDGE_BY_HAND_MM, SANDING_MODEL, line, type Told } from '../../catalog';
import { showLength, showThickness, type UnitSystem } from '../../units';
import { byCode } from '../cautions';
import { papers, papersInTurn } from '../language';

const edges = (units: UnitSystem): string =>
  `By hand ${showLength(EDGE_BY_HAND_MM, units)} from every edge: a machine takes an edge two to three times as fast.`;
const ARRIS = line(
  'One or two passes over every sharp edge: a sharp edge is where paint fails first.',
  ['abrades'],
);

/** A finding that nothing is done about by itself. */
export const accepted = (label: string, because: string): string => `${label}: ${because}.`;

export const flushFill = {
  title: (grits: readonly number[]) => `Flush the filler ${papers(grits)}`,
  because: 'filler is left proud and comes flush with the wood.',
  titleWet: 'Flush the filler wet',
  how: (grits: readonly number[]) => [
    line(`${papersInTurn(grits)} on a block, over the filled places only.`, ['abrades']),
    'Feel for the edge with eyes shut: no step, no hollow. A hollow gets one more thin fill.',
  ],
  howWet: [
    line('Wet-or-dry P150 on a block and a wet sponge, over the filled places only; keep it wet.', [
      'rubsWet',
    ]),
    'Wipe the slurry up before it dries, bag the wipes. Feel for the edge with eyes shut.',
  ],
} as const;

export const darkStain = {
  title: (grits: readonly number[]) => `Sand the dark stain out ${papers(grits)}`,
  because: 'ink or iron lies in the wood, and solid wood has enough to give.',
  how: (grits: readonly number[]) => [
    line(`${papersInTurn(grits)}, feathered wide, so that no hollow is seen in a raking light.`, [
      'abrades',
    ]),
    'What stays is bleached: oxalic acid by its label, rinsed, dry overnight.',
  ],
  notBleach: {
    label: 'oxalic acid',
    because: 'poison, and a night of drying, where wood can be spared',
  },
} as const;

export const ladder = {
  title: (grits: readonly number[], byHand: boolean) =>
    `Sand ${papers(grits)}${byHand ? ', by hand' : ''}`,
  because: (substrate: string, scheme: string, stainOnVeneer: boolean) =>
    `${substrate}, ${scheme}. ${
      stainOnVeneer
        ? 'On veneer stop early, so that it still takes colour.'
        : 'Each paper clears the scratches of the one before.'
    }`,
  how: (
    it: {
      readonly grits: readonly number[];
      readonly byHand: boolean;
      readonly underPaint: boolean;
      readonly removedUm: number;
      readonly veneerLeftUm: number | null;
    },
    units: UnitSystem,
  ): readonly Told[] => [
    line(
      `${papersInTurn(it.grits)}, ${it.byHand ? 'by hand with a block, with the grain' : 'machine on the flats, foam pad on curves'}.`,
      ['abrades'],
    ),
    edges(units),
    ...(it.underPaint ? [ARRIS] : []),
    line('Vacuum and wipe between papers; look along the surface with a raking light.', [
      'vacuums',
    ]),
    ...(it.veneerLeftUm === null
      ? []
      : [
          `Takes about ${showThickness(it.removedUm, units)}; about ${showThickness(it.veneerLeftUm, units)} of veneer stays at its thin places. Do not dwell.`,
        ]),
  ],
  fewerPapers: {
    label: 'Fewer papers',
    because: `a step of more than ${SANDING_MODEL.maxStep.toFixed(0)} in grain leaves scratches that the next paper can't clear`,
  },
} as const;

export const scuff = {
  title: (grits: readonly number[], twice: boolean) =>
    `Scuff ${papers(grits)}${twice ? ', twice' : ''}`,
  because: (what: string) => `${what}; paint holds on a dulled face.`,
  becauseRenewed: (finish: string) =>
    `the ${finish.startsWith('old') ? finish : `old ${finish}`} is sound, so it is not stripped: cleaned and dulled, it carries the new coat.`,
  film: (finish: string) => `${finish} stays`,
  howRenewed: (grits: readonly number[]): readonly Told[] => [
    line(
      `${papersInTurn(grits)} by hand on a soft pad, along the grain, until the face is evenly dull; a machine is through before it is seen.`,
      ['abrades'],
    ),
    'Light at edges and on high places: once through to the colour of the wood there is no way back but stripping.',
    'Shiny islands are hollows: into them with a folded corner of the paper. Wipe, look along a raking light.',
  ],
  how: (grits: readonly number[], units: UnitSystem, twice: boolean): readonly Told[] => [
    line(`${papersInTurn(grits)}, light: until the gloss is gone, not until the film is.`, [
      'abrades',
    ]),
    ...(twice
      ? [
          'The cross-cut held only fairly: degrease what still feels slick, then go over it all a second time, across the first.',
        ]
      : []),
    ARRIS,
    edges(units),
  ],
} as const;

export const sandVeneer = {
  title: 'Sand the new veneer P180, by hand',
  because: 'the new face is thin; just knock off the fuzz.',
  how: [line('P180 on a block, along the grain, two passes.', ['abrades']), 'Stay off the edges.'],
} as const;

export const easeEdges = {
  title: 'Sand the sliding edges',
  because: (closesUm: number, leftUm: number) =>
    `new coats close ${Math.round(closesUm)} µm of the gap; ${Math.round(leftUm)} µm would be left.`,
  titleWet: 'Sand the sliding edges, wet',
  how: (grit: number, sandDownUm: number, units: UnitSystem, wet: boolean): readonly Told[] => [
    line(
      `${wet ? `Wet-or-dry P${grit} and a sponge` : `P${grit} on a block`}: about ${showThickness(sandDownUm, units)} off each face that meets in the gap, nearly to bare wood.`,
      [wet ? 'rubsWet' : 'abrades'],
    ),
    'Try the fit: it should rattle a little before it is coated.',
  ],
} as const;

export const wetSand = {
  title: (toBare: boolean) =>
    toBare ? 'Sand wet by hand, contained' : 'Scuff wet by hand, contained',
  because: (status: string) => `${status} Wet work makes no dust.`,
  how: [
    line('Wet-or-dry paper, a block and a sponge; keep it wet.', ['rubsWet']),
    'Wipe the slurry up before it dries, bag the wipes.',
    'Rinse twice, dry at once.',
  ],
  cautions: [byCode('Lead: nothing dry, nothing hot, waste by local rules.')],
  notDry: { label: 'Dry sanding', because: 'lead was found on this surface' },
} as const;

export const dedust = {
  title: 'Dedust',
  because: 'Dust in the pores keeps a coat off the wood, and it chips later.',
  how: (bearsAlcohol: boolean, cloth: 'damp' | 'tack'): readonly Told[] => [
    line(
      'Vacuum with a brush, pores and corners.',
      ['vacuums'],
      'HEPA vacuum with a brush, pores and corners.',
    ),
    bearsAlcohol
      ? line(
          'Lint-free cloth, damp with alcohol and water half and half, along the grain: scratches and glue that were missed show while it is wet.',
          ['alcohol'],
          'Lint-free cloth, damp with water, turned often: alcohol would soften the film.',
        )
      : 'No alcohol: it softens a film that stays. A barely damp microfibre cloth, turned often, until it stays clean.',
    ...(cloth === 'tack' ? ['Tack cloth last, without pressing.'] : []),
  ],
} as const;

/** What dry sanding is told every time. */
export const DUST = byCode(
  'Wood dust: extraction and P100; hardwood dust is carcinogenic (IARC group 1), limit 1 mg/m³ (NIOSH REL). Fine aluminium oxide from the paper, and stearate from papers and sanding sealers, harm the lungs too.',
);
/** Beside it where the wood is one that makes people allergic. */
export const ALLERGIC = (wood: string) =>
  byCode(
    `Dust of ${wood} can make skin and lungs allergic: long sleeves, P100 from the first stroke; stop at a rash or a tight chest, and see a doctor.`,
  );
