import { ANCHOR_FROM_MM, PART_MINUTES } from '../../catalog';
import { carriesDoors, carriesDrawers, carriesPulls, type SurfaceContext } from '../context';
import { LABEL, type Rule } from '../rule';

const heightOf = (s: SurfaceContext): number => s.piece.measures.height ?? 0;

/** Everything that came off goes back on, and the piece is made fit to stand and run. */
export const REASSEMBLE_RULES: readonly Rule[] = [
  {
    id: 'wax-what-slides',
    phase: 'reassemble',
    applies: (s) =>
      s.worked && carriesDrawers(s) && s.loose.drawers > 0 && s.shop.schools.drawers === 'out',
    because: (s) => `${s.loose.drawers} drawers on wooden runners: wax makes them run.`,
    work: (s) => [
      {
        method: 'drawers-in',
        rank: 0,
        title: 'Wax the runners, put the drawers back',
        minutes: s.loose.drawers * PART_MINUTES.drawerIn,
        how: [
          'Paste wax on runners and on the edges that slide; none on the coated faces.',
          'Each drawer into its own opening, by its number.',
          'Pull-test every stop.',
        ],
        materials: ['Paste wax'],
      },
    ],
  },
  {
    id: 'hinge-to-frame-first',
    phase: 'reassemble',
    applies: (s) => s.worked && carriesDoors(s),
    because: (s) => `${s.loose.doors} doors, each to its own place.`,
    work: (s) => [
      {
        method: 'doors-on',
        rank: 1,
        title: 'Hang the doors',
        minutes: s.loose.doors * PART_MINUTES.doorOn,
        how: [
          'Hinge to the frame first. Start both screws before tightening either.',
          'By its number, the arrow up.',
        ],
      },
    ],
  },
  {
    id: 'hardware-on-hard-film',
    phase: 'reassemble',
    applies: (s) => s.worked && carriesPulls(s),
    because: () => 'On film that is still soft, plates print themselves in.',
    work: (s) => [
      {
        method: 'hardware-on',
        rank: 2,
        title: `Put ${s.loose.pulls} pulls back`,
        minutes: s.loose.pulls * PART_MINUTES.pullOn,
        how: [
          'Bag by bag. Clear holes that were drilled before the coats by hand, from the coated face.',
          'Start both screws before tightening.',
        ],
      },
    ],
  },
  {
    id: 'bumpers-keep-film-apart',
    phase: 'reassemble',
    applies: (s) => s.worked && (carriesDoors(s) || carriesDrawers(s)),
    because: () => 'Fresh film sticks to fresh film for weeks.',
    work: () => [
      {
        method: 'bumpers',
        rank: 3,
        title: 'Set bumpers where film meets film',
        minutes: PART_MINUTES.bumpers,
        how: ['A clear bumper at each corner that closes on another.'],
        materials: ['Clear bumpers'],
      },
    ],
  },
  {
    id: 'tall-stands-anchored',
    phase: 'reassemble',
    applies: (s) => s.worked && heightOf(s) >= ANCHOR_FROM_MM,
    because: () => 'A tall piece tips when somebody climbs an open drawer or shelf.',
    work: () => [
      {
        method: 'anchor',
        rank: 4,
        title: 'Prepare an anchor for the wall',
        minutes: PART_MINUTES.anchor,
        how: [
          'Two brackets or straps into the frame at the top, not into the back panel.',
          'Send screws and a note for the wall along with the piece.',
        ],
        materials: ['Wall anchors'],
        cautions: [
          { text: 'A tall piece that is not anchored can kill a child.', lastWord: LABEL },
        ],
      },
    ],
  },
];
