const MATTERS = {
  holds: 'what moves or hangs loose breaks every coat over it',
  underClear: 'a clear coat hides nothing',
  underPaint: 'paint shows every hollow and edge',
} as const;

export const mend = {
  because: (count: number, damage: string, matters: 'holds' | 'underClear' | 'underPaint') =>
    `${damage.toLowerCase()}${count > 1 ? ` in ${count} places` : ''}; ${MATTERS[matters]}.`,
  rounds: (title: string, rounds: number) => `${title}, ${rounds} rounds`,
} as const;

export const oldHoles = {
  title: (holes: number) => `Fill the ${holes} old screw holes`,
  because: 'New fittings sit on other holes: the old ones are filled before the face is sanded.',
  tape: 'Tape over the hole at the back.',
} as const;

export const newVeneer = {
  title: 'Lay new veneer',
  because: 'a new face of veneer; it holds on a flat, dulled, clean ground.',
  how: [
    'Scrape loose film off; scuff with P150, vacuum, wipe. Fill hollows: the sheet shows every one.',
    'Contact cement on both faces, two coats on paper-backed sheet; let both dry by the label.',
    'Lay it over dowels, pull them out from the centre, roll hard from the centre out.',
    'Trim with a fresh blade, scored across the grain first; break the edge with P180.',
  ],
} as const;

export const newHoles = {
  title: (count: number) => `Mark all, then drill for ${count} new fittings`,
  because: 'Drilled before the coats, no film is chipped; by a jig, all of them line up.',
  how: (wet: boolean): readonly string[] => [
    'Mark every hole with a jig first; look at them all from a step back.',
    wet
      ? 'Then drill all slowly through a pad of wet foam, which holds the chips; a block behind, depth marked on the bit. Wipe wet, bag the pad.'
      : 'Then drill all, from the face, a block behind; depth marked on the bit.',
  ],
} as const;
