import { PART_MINUTES } from '../../catalog';
import type { Hardware } from '../../piece';
import { carriesDoors, carriesDrawers, carriesPulls, has, type SurfaceContext } from '../context';
import { LABEL, type Rule } from '../rule';

const countOf = (s: SurfaceContext, disposition: Hardware['disposition']): number =>
  s.piece.hardware
    .filter((it) => it.disposition === disposition)
    .reduce((sum, it) => sum + it.count, 0);

/** Everything that comes off or out, numbered, and what is done with it meanwhile. */
export const DISMANTLE_RULES: readonly Rule[] = [
  {
    id: 'mask-drawers-that-stay',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => carriesDrawers(s) && s.worked && s.shop.schools.drawers === 'in',
    because: (s) => `${s.loose.drawers} drawers stay in: their faces line up as they are coated.`,
    work: () => [
      {
        method: 'mask-drawers',
        rank: 0,
        title: 'Wedge the drawers flush, mask the gaps',
        minutes: PART_MINUTES.map,
        how: [
          'Thin wedges behind each front until it stands flush.',
          'Tape into the gaps; pull it before each coat is hard, or it tears the edge.',
        ],
        materials: ['Masking tape', 'Wedges'],
      },
    ],
  },
  {
    id: 'number-the-drawers',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => carriesDrawers(s) && s.worked && s.shop.schools.drawers === 'out',
    because: (s) => `${s.loose.drawers} drawers, each fitted to its own opening.`,
    work: (s) => [
      {
        method: 'drawers-out',
        rank: 0,
        title: `Number the drawers and take out all ${s.loose.drawers}`,
        minutes: s.loose.drawers * PART_MINUTES.drawerOut,
        how: [
          'Number each underneath or on its back.',
          'Draw a map of the numbers.',
          'Look into the carcass: stops, runners, broken screws.',
        ],
        materials: ['Pencil', 'Masking tape'],
      },
    ],
  },
  {
    id: 'number-the-doors',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => carriesDoors(s) && s.worked,
    because: (s) => `${s.loose.doors} doors, each hung to its own place.`,
    work: (s) => [
      {
        method: 'doors-off',
        rank: 0,
        title: `Number the doors and take off all ${s.loose.doors}`,
        minutes: s.loose.doors * PART_MINUTES.doorOff,
        how: [
          'Number each in the hinge recess, an arrow for “up” under the hinge; tape over it.',
          'Start at the lower hinge, a second hand on tall doors.',
        ],
        materials: ['Pencil', 'Masking tape'],
      },
    ],
  },
  {
    id: 'hardware-is-the-inspection',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => s.worked && carriesPulls(s),
    because: () => 'Taking it off is the inspection, and lets the cleaner reach the corners.',
    work: (s) => [
      {
        method: 'hardware-off',
        rank: 1,
        title: `Take off ${s.loose.pulls} pulls`,
        minutes: s.loose.pulls * PART_MINUTES.pull,
        how: [
          'Screws go back into their own piece.',
          'Bag and label.',
          'Count: one missing usually means a new set.',
        ],
        materials: ['Labelled bags'],
      },
    ],
  },
  {
    id: 'fittings-soak-meanwhile',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => s.worked && carriesPulls(s) && countOf(s, 'clean') > 0,
    because: (s) =>
      `${countOf(s, 'clean')} fittings are kept and cleaned: they soak while the wood is worked.`,
    work: (s) => [
      {
        method: 'polish-fittings',
        rank: 3,
        title: `Soak and polish ${countOf(s, 'clean')} fittings`,
        minutes: countOf(s, 'clean') * PART_MINUTES.polish,
        how: [
          'Try one first. Brass and steel: hot vinegar and water, hours to days.',
          'Mild abrasive and fine steel wool; rinse, dry at once.',
          'Screws stay in their own piece.',
        ],
        materials: ['White vinegar', 'Fine steel wool', 'Mild metal polish'],
        protection: ['Gloves', 'Goggles'],
      },
    ],
  },
  {
    id: 'fittings-painted-off-the-piece',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => s.worked && carriesPulls(s) && countOf(s, 'repaint') > 0,
    because: (s) => `${countOf(s, 'repaint')} fittings get a new colour, away from the wood.`,
    work: (s) => [
      {
        method: 'repaint-fittings',
        rank: 3,
        title: `Repaint ${countOf(s, 'repaint')} fittings`,
        minutes: countOf(s, 'repaint') * PART_MINUTES.repaint,
        how: [
          'Degrease, dull with fine steel wool, wipe.',
          'Screws stuck in cardboard, so that their heads are coated too.',
          'Spray paint for metal, two passes, a side each; outdoors.',
        ],
        materials: ['Metal spray paint', 'Fine steel wool'],
        protection: ['Organic-vapour cartridges', 'Gloves', 'Outdoors, no flame'],
        cautions: [{ text: 'Spray mist burns: no flame, no spark.', lastWord: LABEL }],
      },
    ],
  },
  {
    id: 'back-off-if-split',
    phase: 'dismantle',
    regardless: true,
    applies: (s) => has(s, 'splitBack'),
    because: () =>
      'A split back has to be replaced, and its opening gives access for bracing and cleaning.',
    work: () => [
      {
        method: 'back-off',
        rank: 2,
        title: 'Take the back off',
        minutes: 15,
        how: [
          'Lay the piece on its face on blankets.',
          'Draw the nails, keep the back as a pattern for the new one.',
        ],
        protection: ['Goggles'],
      },
    ],
  },
];
