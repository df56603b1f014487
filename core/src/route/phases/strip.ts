import { STRIP_WAYS, WAITS } from '../../catalog';
import { behind, has, keepsFilm, observationsOf, type SurfaceContext } from '../context';
import { CODE, LABEL, SOLVENT_RAGS, effort, type Rule } from '../rule';
import { chooseStripWay, layersOn } from './stripChoice';

type Way = ReturnType<typeof chooseStripWay>['way'];

/** Stripper takes about two layers in a round (common practice). */
const LAYERS_A_ROUND = 2;

const roundsIn = (s: SurfaceContext, way: Way): readonly string[] => {
  const layers = layersOn(s);
  return way.dwellMinutes > 0 && layers > LAYERS_A_ROUND
    ? [`${layers} layers: count on ${Math.ceil(layers / LAYERS_A_ROUND)} rounds.`]
    : [];
};

/** Wood that bears a soft brass brush while it is wet, lbf (Janka; modelling judgement). */
const BEARS_BRASS = 1000;

const brushesFor = (s: SurfaceContext, way: Way): readonly string[] =>
  way.dwellMinutes === 0
    ? []
    : s.wood.openPored && s.wood.jankaLbf >= BEARS_BRASS
      ? ['Pores: nylon brush; a soft brass brush only gently, on hard open-grained wood as here.']
      : ['Nylon and plastic only: wire would score this wood while it is wet.'];

/** Rounds that an extractive wash is planned with; three at most are done (modelling judgement). */
const WASH_ROUNDS = 2;

/** Taking the old finish off, or only what is loose. */
export const STRIP_RULES: readonly Rule[] = [
  {
    id: 'old-finish-comes-off',
    phase: 'strip',
    applies: (s) => s.strips && s.finish.id !== 'wax',
    because: (s) =>
      s.showsWood
        ? `${s.surface.name}: ${s.finish.label} comes off in full, since ${s.aim.scheme.kind === 'stained' ? 'stain' : 'a clear coat'} goes on wood only.`
        : `${s.surface.name}: ${s.finish.label} lets go of the wood at the cross-cut; paint over it would go with it.`,
    evidence: (s) => [
      ...behind(s.beliefs.finish),
      ...(s.showsWood ? [] : observationsOf(s, 'cross-cut')),
    ],
    work: (s) => {
      const { way, minutes, insteadOf } = chooseStripWay(s);
      return [
        {
          method: `strip-${way.id}`,
          variant: s.lead === 'found' ? 'contained' : '',
          rank: 0,
          title: s.lead === 'found' ? `${way.title}, contained` : way.title,
          minutes,
          how: [...way.steps, ...roundsIn(s, way), ...brushesFor(s, way)],
          materials: way.materials,
          wait: way.dryMinutes > 0 ? { minutes: way.dryMinutes, until: 'the wood is dry' } : null,
          protection: way.protection,
          cautions: way.cautions.map((text) => ({ text, lastWord: LABEL })),
          makesDust: way.makesDust,
          leaves: 'bare',
          grits: way.id === 'sand' ? [80] : [],
          waitsFor: ['substrate'],
          insteadOf,
          risks: {
            noWood: s.chanceUnstainable,
            lyeDarkens: way.forTannin ? 0 : s.beliefs.bleed.distribution.tannin,
          },
        },
      ];
    },
  },
  {
    id: 'alkaline-is-neutralised',
    phase: 'strip',
    applies: (s) => s.strips && chooseStripWay(s).way.alkaline,
    because: (s) => `${s.surface.name}: lye that stays in the wood attacks every coat over it.`,
    work: () => [
      {
        method: 'neutralise',
        rank: 2,
        title: 'Neutralise, then read the pH',
        minutes: 10,
        how: [
          'Vinegar and water half and half, wipe on, rinse with clear water.',
          'Dry, wet a spot with clean water, press a pH strip on: near 7. Record it on Look; else once more.',
        ],
        materials: ['White vinegar', 'pH strips'],
        protection: ['Rubber gloves', 'Goggles'],
        wait: { minutes: 48 * 60, until: 'the wood is dry' },
      },
    ],
  },
  {
    id: 'wash-out-what-weeps',
    phase: 'strip',
    applies: (s) => s.worked && has(s, 'weepsColour'),
    because: (s) =>
      `${s.surface.name}: colour comes out on the rag. What can be washed out does not come through later.`,
    work: (s) => [
      s.dampOnly
        ? {
            method: 'extractive-wipe',
            rank: 3,
            title: 'Wipe the colour out with alcohol',
            ...effort('dampWipe', s, WASH_ROUNDS),
            how: [
              'Lint-free cloth, damp with alcohol, no water: this face does not bear a wash.',
              'Fresh cloth each round, up to three; stop when it stays clean, or when nothing changes.',
              'What still comes is shut in with shellac.',
            ],
            materials: ['Denatured alcohol', 'Lint-free cloths'],
            wait: { minutes: WAITS.afterSpirits, until: 'the alcohol is off' },
            protection: ['Nitrile gloves', 'Open window, no flame'],
            cautions: [SOLVENT_RAGS],
          }
        : {
            method: 'extractive-wash',
            rank: 3,
            title: 'Wash the colour out, up to three rounds',
            ...effort('extractiveWash', s, WASH_ROUNDS),
            how: [
              'Phosphate-free degreasing wash by its label, scrub with the grain, rinse, wipe dry.',
              'White rag over it: still coloured, another round, three at most.',
              'Dry overnight before anything else. What still comes is shut in with shellac.',
            ],
            materials: ['Phosphate-free degreaser', 'Nylon brush', 'White rags'],
            wait: { minutes: WAITS.afterWash, until: 'dry, overnight' },
            protection: ['Rubber gloves', 'Goggles'],
            cautions: [
              { text: 'Wet wood is soft: nylon, no wire, with the grain.', lastWord: LABEL },
            ],
          },
    ],
  },
  {
    id: 'loose-paint-off',
    phase: 'strip',
    applies: (s) => s.aim.scheme.kind === 'painted' && has(s, 'peeling', 'runs') && keepsFilm(s),
    because: (s) =>
      `${s.surface.name}: ${has(s, 'peeling') ? 'peeling shows that the bond below failed' : 'runs and globs show through every coat'}; a scraper takes it.`,
    work: (s) => {
      const wet = s.lead === 'found';
      return [
        {
          method: wet ? 'loose-off-wet' : 'loose-off',
          rank: 1,
          title: wet ? 'Take loose paint off wet, contained' : 'Scrape loose paint off',
          ...effort('looseOff', s, wet ? 1.5 : 1),
          how: wet
            ? [
                'Mist with water, keep it wet.',
                'Plastic scraper; catch the flakes on the sheet, bag them.',
              ]
            : [
                'Card scraper with the grain: angle, not pressure.',
                'Stop where the paint holds; feather the edge when sanding.',
              ],
          materials: [wet ? 'Spray bottle' : 'Card scraper'],
          wait: wet ? { minutes: 12 * 60, until: 'dry, overnight' } : null,
          protection: ['P100 filter', 'Goggles', 'Gloves'],
          cautions: wet ? [{ text: 'Lead: nothing dry, nothing hot.', lastWord: CODE }] : [],
          makesDust: !wet,
          insteadOf: [
            {
              label: STRIP_WAYS.get('gel').label,
              because: 'only what is loose has to go under paint',
            },
          ],
        },
      ];
    },
  },
];
