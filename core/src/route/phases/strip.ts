import { STRIP_WAYS } from '../../catalog';
import { behind, has } from '../context';
import { CODE, LABEL, minutesFor, type Rule } from '../rule';
import { chooseStripWay } from './stripChoice';

/** Taking the old finish off, or only what is loose. */
export const STRIP_RULES: readonly Rule[] = [
  {
    id: 'wood-seen-wants-bare-wood',
    phase: 'strip',
    applies: (s) => s.strips && s.finish.id !== 'wax',
    because: (s) =>
      `${s.surface.name}: ${s.finish.label} comes off in full, since ${s.aim.scheme.kind === 'stained' ? 'stain' : 'a clear coat'} goes on wood only.`,
    evidence: (s) => behind(s.beliefs.finish),
    work: (s) => {
      const { way, minutes, insteadOf } = chooseStripWay(s);
      return [
        {
          method: `strip-${way.id}`,
          variant: s.lead === 'found' ? 'contained' : '',
          rank: 0,
          title: s.lead === 'found' ? `${way.title}, contained` : way.title,
          minutes,
          how: way.steps,
          materials: way.materials,
          wait: way.dryMinutes > 0 ? { minutes: way.dryMinutes, until: 'the wood is dry' } : null,
          protection: way.protection,
          cautions: way.cautions.map((text) => ({ text, lastWord: LABEL })),
          makesDust: way.makesDust,
          leaves: 'bare',
          grits: way.id === 'sand' ? [80] : [],
          waitsFor: ['substrate'],
          insteadOf,
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
    id: 'loose-paint-off',
    phase: 'strip',
    applies: (s) => s.aim.scheme.kind === 'painted' && has(s, 'peeling', 'runs') && s.finish.film,
    because: (s) =>
      `${s.surface.name}: ${has(s, 'peeling') ? 'peeling shows that the bond below failed' : 'runs and globs show through every coat'}; a scraper takes it.`,
    work: (s) => {
      const wet = s.lead === 'found';
      return [
        {
          method: wet ? 'loose-off-wet' : 'loose-off',
          rank: 1,
          title: wet ? 'Take loose paint off wet, contained' : 'Scrape loose paint off',
          minutes: minutesFor('looseOff', s) * (wet ? 1.5 : 1),
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
