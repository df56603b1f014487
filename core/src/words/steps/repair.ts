import { line, type Told } from '../../catalog';
import { counted } from '../language';

const MATTERS = {
  holds: 'what moves or hangs loose breaks every coat over it',
  underClear: 'a clear coat hides nothing',
  underPaint: 'paint shows every hollow and edge',
  inSpots: 'the finish round it stays, so it is mended where it is',
} as const;

export const mend = {
  because: (count: number, damage: string, matters: keyof typeof MATTERS) =>
    `${damage.toLowerCase()}${count > 1 ? ` in ${count} places` : ''}; ${MATTERS[matters]}.`,
  rounds: (title: string, rounds: number) => `${title}, ${counted(rounds, 'round')}`,
} as const;

export const oldHoles = {
  title: (holes: number) => `Fill the ${holes} old screw holes`,
  because: 'New fittings sit on other holes: the old ones are filled before the face is sanded.',
  tape: 'Tape over the hole at the back.',
} as const;

const CUT_FROM = {
  solid: 'solid wood',
  plywood: 'plywood',
  board: 'fibreboard',
} as const;

export const newPart = {
  title: (name: string, from: keyof typeof CUT_FROM) =>
    `Cut a new part from ${CUT_FROM[from]}: ${name.toLowerCase()}`,
  because: 'the old part is past saving; a new one is quicker than filling it, and holds.',
  how: (from: keyof typeof CUT_FROM): readonly Told[] => [
    line(
      'What was found on the old part goes with it. Take it off in one piece if it goes: it is the pattern.',
      ['pries'],
      line(
        'What was found on the old part goes with it. Mist the paint along its rim, slit it with a knife, take it off in one piece and bag it in film; wipe the place wet.',
        ['cutsWet'],
      ),
    ),
    'Measure the opening at both ends and the diagonals, not the old part alone.',
    line(
      from === 'solid'
        ? 'Wood of the same kind, dry as the room it will stand in; grain running as the old one’s did. Cut a hair large, plane to fit.'
        : 'Cut a hair large with a fine blade, the good face up; plane to fit, so that it goes in by hand pressure.',
      ['worksNew'],
    ),
    line(
      from === 'board'
        ? 'Break the edges, rub thin filler or sealer into them, sand at P220: edges drink most and show most.'
        : 'Break every edge with one or two passes of P180.',
      ['worksNew'],
    ),
    'Dry-fit with the neighbours in place, doors and drawers too. Then glue and screw as the old one was held; wipe squeezed-out glue at once.',
  ],
} as const;

export const newVeneer = {
  title: 'Lay new veneer',
  because: 'a new face of veneer; it holds on a flat, dulled, clean ground.',
  how: [
    line('Scrape loose film off; scuff with P150, vacuum, wipe.', [
      'scrapes',
      'abrades',
      'vacuums',
    ]),
    'Fill hollows: the sheet shows every one.',
    'Contact cement on both faces, two coats on paper-backed sheet; let both dry by the label.',
    'Lay it over dowels, pull them out from the centre, roll hard from the centre out.',
    line('Trim with a fresh blade, scored across the grain first; break the edge with P180.', [
      'worksNew',
    ]),
  ],
} as const;

export const newHoles = {
  title: (count: number) => `Mark all, then drill for ${count} new fittings`,
  because: 'Drilled before the coats, no film is chipped; by a jig, all of them line up.',
  how: (wet: boolean): readonly Told[] => [
    'Mark every hole with a jig first; look at them all from a step back.',
    wet
      ? line(
          'Then drill all slowly through a pad of wet foam, which holds the chips; a block behind, depth recorded on the bit. Wipe wet, bag the pad.',
          ['cutsWet'],
        )
      : line('Then drill all, from the face, a block behind; depth recorded on the bit.', [
          'drills',
        ]),
  ],
} as const;
