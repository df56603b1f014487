import { line, type Told } from '../../catalog';
import { byCode, byLabel } from '../cautions';
import { counted, listed } from '../language';

export const stripFinish = {
  contained: (title: string) => `${title}, contained`,
  becauseWoodShows: (finish: string, coat: 'stain' | 'clear') =>
    coat === 'stain'
      ? `${finish} comes off in full, since stain goes into wood only.`
      : `${finish} comes off in full, so that the new clear coat stands on wood.`,
  becauseItLetsGo: (finish: string) =>
    `${finish} lets go of the wood at the cross-cut; paint over it would go with it.`,
  becauseOfOtherCoats: 'what was laid since stands in the way of the new aim, and comes off.',
  coverNeighbours: (names: readonly string[]) =>
    `${listed(names)} keep${names.length === 1 ? 's' : ''} what is on: tape and plastic film over the border first; a drop of stripper is through in a minute.`,
  rounds: (layers: number, rounds: number) =>
    `${counted(layers, 'layer')}: count on ${counted(rounds, 'round')}.`,
  brushes: (bearsBrass: boolean): Told =>
    line(
      bearsBrass
        ? 'Pores: nylon brush; a soft brass brush only gently, on hard open-grained wood as here.'
        : 'Nylon and plastic only: wire would score this wood while it is wet.',
      ['rubsWet'],
    ),
} as const;

/** Why a way to strip is out of the question, or lost. */
export const stripChoice = {
  onLead: 'makes dust or fumes of paint that may hold lead',
  noTool: (tool: string) => `wants ${tool}, and this shop has none`,
  onVeneer: (notOn: string) => `not on ${notOn}`,
  onPaint: 'works on clear finishes only',
  onCarving: 'would flatten or gouge carving and turning',
  onTannin: 'darkens wood that is rich in tannin',
  more: (minutes: number, where: string) =>
    `about ${minutes} min more on ${where}, with hazard, likely damage and cost counted in`,
  oneWay: (minutes: number, where: string) =>
    `about ${minutes} min less on ${where} alone, but one way for the same film on the whole piece is less to set up and clear away`,
  less: (minutes: number, where: string, by: 'shop' | 'wish', way: string) =>
    `about ${minutes} min less on ${where} with everything counted, but ${by === 'shop' ? 'the shop works with' : 'you asked for'} ${way}`,
} as const;

export const neutralise = {
  title: 'Neutralise, then read the pH',
  because: 'lye that stays in the wood attacks every coat over it.',
  how: [
    'Vinegar and water half and half, wipe on, rinse with clear water.',
    'Dry, wet a spot with clean water, press a pH strip on: near 7. Record it on Look; else once more.',
  ],
} as const;

export const washOut = {
  because: 'colour comes out on the rag. What can be washed out does not come through later.',
  damp: {
    title: 'Wipe the colour out, damp',
    how: (bearsAlcohol: boolean): readonly Told[] => [
      bearsAlcohol
        ? line('Lint-free cloth, damp with alcohol, no water: this face does not bear a wash.', [
            'alcohol',
          ])
        : 'Lint-free cloth, well wrung out, a drop of soap: this face bears no wash, and its film no alcohol. Dry at once.',
      'Fresh cloth each round, up to three; stop when it stays clean, or when nothing changes.',
      'What still comes is shut in with shellac.',
    ],
  },
  wet: {
    title: 'Wash the colour out, up to three rounds',
    how: [
      line('Phosphate-free degreasing wash by its label, scrub with the grain, rinse, wipe dry.', [
        'water',
        'rubsWet',
      ]),
      'White rag over it: still coloured, another round, three at most.',
      'Dry overnight before anything else. What still comes is shut in with shellac.',
    ],
    cautions: [byLabel('Wet wood is soft: nylon, no wire, with the grain.')],
  },
} as const;

export const looseOff = {
  because: (peels: boolean) =>
    `${peels ? 'peeling shows that the bond below failed' : 'runs and globs show through every coat'}; a scraper takes it.`,
  dry: {
    title: 'Scrape loose paint off',
    how: [
      line('Card scraper with the grain: angle, not pressure.', ['scrapes']),
      'Stop where the paint holds; feather the edge when sanding.',
    ],
  },
  wet: {
    title: 'Take loose paint off wet, contained',
    how: [
      'Mist with water, keep it wet.',
      line('Plastic scraper on the wet paint; catch the flakes on the sheet, bag them.', [
        'scrapesWet',
      ]),
    ],
    cautions: [byCode('Lead: nothing dry, nothing hot.')],
  },
  whyNotAll: 'only what is loose has to go under paint',
} as const;
