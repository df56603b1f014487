import { TIPS_FROM_MM, line, type Told } from '../../catalog';
import { showLength, type UnitSystem } from '../../units';
import { byCode, byLabel } from '../cautions';
import { fittingsInWords } from '../hardware';
import { allOf, counted } from '../language';

type Fittings = Parameters<typeof fittingsInWords>[0];

export const maskDrawers = {
  title: 'Wedge the drawers flush, mask the gaps',
  because: (drawers: number) =>
    `${counted(drawers, 'drawer')} ${drawers === 1 ? 'stays' : 'stay'} in: the faces line up while they are coated.`,
  how: [
    'Thin wedges behind each front until it stands flush.',
    'Tape into the gaps; pull it before each coat is hard, or it tears the edge.',
  ],
} as const;

export const drawersOut = {
  title: (drawers: number) =>
    drawers === 1 ? 'Take out the drawer' : `Number ${allOf(drawers, 'drawer')} and take them out`,
  because: (drawers: number) =>
    drawers === 1
      ? 'The drawer is worked on by itself.'
      : 'Each drawer is fitted to its own opening.',
  how: [
    'Number each underneath or on its back.',
    'Draw a map of the numbers.',
    'Look into the carcass: stops, runners, broken screws.',
  ],
} as const;

export const doorsOff = {
  title: (doors: number) =>
    doors === 1 ? 'Take off the door' : `Number ${allOf(doors, 'door')} and take them off`,
  because: (doors: number) =>
    doors === 1 ? 'The door is worked on flat.' : 'Each door is hung to its own place.',
  how: [
    'Number each in the hinge recess, an arrow for “up” under the hinge; tape over it.',
    'Start at the lower hinge, a second hand on tall doors.',
  ],
} as const;

export const hardwareOff = {
  title: (fittings: Fittings) => `Take off ${fittingsInWords(fittings)}`,
  because: 'Taking it off is the inspection, and lets the cleaner reach the corners.',
  how: (glazed: boolean): readonly Told[] => [
    line(
      'Old paint over a screw or along a plate: slit it with a knife first, or it tears.',
      ['pries'],
      line(
        'Old paint over a screw or along a plate: wet it, slit it with a knife and wipe the crumbs up wet; nothing is done to it dry.',
        ['cutsWet'],
      ),
    ),
    'Screws go back into their own piece.',
    'Bag and label.',
    'Count: one missing usually means a new set.',
    ...(glazed
      ? [
          'Glass and mirrors: work gloves and goggles. Beads or points out first, never pry on the pane; lift it out, wrap it, stand it upright and write on it where it goes. What will not come out without force stays, under tape and card.',
        ]
      : []),
  ],
} as const;

export const polishFittings = {
  title: (count: number) => `Soak and polish ${counted(count, 'fitting')}`,
  because: (count: number) =>
    `${counted(count, 'fitting')} to keep and clean: ${count === 1 ? 'it soaks' : 'they soak'} while you work on the wood.`,
  how: [
    'Try one first. Brass in hot vinegar and water an hour at most, or it turns pink; steel overnight, or days. Plated ones only in soap and water.',
    line(
      'Rinse, dry at once. Mild abrasive paste on a cloth; fine steel wool on what does not come off.',
      ['abrades'],
      line(
        'Old paint on them is treated as lead: it stays in the bath until it wipes off, wet, with a nylon pad; bag the pad and the wipes. Then rinse, dry, mild abrasive paste on a cloth.',
        ['rubsWet'],
      ),
    ),
    'Right: bright where hands go, dark in the hollows. All bright looks new; stop before.',
    'Screws stay in their own piece.',
  ],
} as const;

export const repaintFittings = {
  title: (count: number) => `Repaint ${counted(count, 'fitting')}`,
  because: (count: number) =>
    `${counted(count, 'fitting')} to get a new colour, away from the wood.`,
  how: [
    line(
      'Degrease, dull with fine steel wool, wipe.',
      ['abrades'],
      line('Degrease, dull wet with a nylon pad and soapy water, wipe, bag the pad.', ['rubsWet']),
    ),
    'Screws stuck in cardboard, so that their heads are coated too.',
    'Spray paint for metal, two passes, a side each; outdoors.',
  ],
} as const;

export const backOff = {
  title: 'Take the back off',
  because:
    'A split back has to be replaced, and its opening gives access for bracing and cleaning.',
  how: [
    'Lay the piece on its face on blankets.',
    line(
      'Draw the nails, keep the back as a pattern for the new one.',
      ['pries'],
      line(
        'Mist the paint along the rim and slit it with a knife, then draw the nails through a wet pad; keep the back, bagged in film, as a pattern for the new one.',
        ['cutsWet'],
      ),
    ),
  ],
} as const;

export const drawersIn = {
  title: 'Wax the runners, put the drawers back',
  because: (drawers: number) =>
    `${counted(drawers, 'drawer')} on wooden runners: wax makes them run.`,
  how: [
    'Paste wax on runners and on the edges that slide; none on the coated faces.',
    'Each drawer into its own opening, by its number.',
    'Pull-test every stop.',
  ],
} as const;

export const doorsOn = {
  title: 'Hang the doors',
  because: (doors: number) =>
    doors === 1 ? 'It goes back to its own place.' : 'Each goes back to its own place.',
  how: [
    'Hinge to the frame first. Start both screws before tightening either.',
    'By its number, the arrow up.',
  ],
} as const;

export const hardwareOn = {
  title: (fittings: Fittings, areNew: boolean) =>
    areNew
      ? `Put on the new set: ${fittingsInWords(fittings)}`
      : `Put ${fittingsInWords(fittings)} back`,
  because: 'On film that is still soft, plates print themselves in.',
  how: (glazed: boolean): readonly string[] => [
    'Bag by bag. Clear holes that were drilled before the coats by hand, from the coated face.',
    'Start both screws before tightening.',
    ...(glazed
      ? [
          'Glass last, when nothing is glued or knocked any more: new beads or points, no pressure at the corners; clean it with a barely damp cloth, away from fresh coats.',
        ]
      : []),
  ],
} as const;

export const backOn = {
  title: 'Put the back on',
  because: 'The back came off, and it holds the piece square.',
  how: [
    'Square the piece: measure both diagonals.',
    line(
      'Lay the back on, pin or screw it along all edges, the screws pre-drilled.',
      ['drills'],
      line(
        'Lay the back on, pin or screw it along all edges; holes in the old frame are pre-drilled slowly through wet foam, the foam bagged.',
        ['cutsWet'],
      ),
    ),
  ],
} as const;

export const bumpers = {
  title: 'Set bumpers where film meets film',
  because: 'Fresh film sticks to fresh film for weeks.',
  how: ['A clear bumper at each corner that closes on another.'],
} as const;

export const touchUp = {
  title: 'Look it over and touch up',
  because: 'Putting together leaves a nick or two, and thin spots show only from a distance.',
  how: [
    'From three metres, then along a raking light: edges, inside corners, under the overhangs.',
    'Small brush, almost dry, the same material; feather it out and leave it.',
    line(
      'A run or a sag is left to harden, cut flat with fine paper on a block, and coated once more.',
      ['abrades'],
      line(
        'A run or a sag is left to harden, taken flat with wet-or-dry P320, wet, and coated once more.',
        ['rubsWet'],
      ),
    ),
  ],
} as const;

export const coverRoom = {
  title: 'Cover the floor, the walls and what stands beside it',
  because: 'It is worked where it stands: drips, dust and overspray land in the room.',
  how: (wet: boolean): readonly string[] => [
    'Paper on the floor and film over it, taped to the skirting. Tape along every wall that it meets.',
    'Measure how far the room door and the window open: a draught over wet coats brings dust.',
    'Doors and drawers come out and are done elsewhere; only what is fixed is coated here.',
    ...(wet
      ? [
          'Wet room: no shower and no bath from the first coat until the last has been dry for a day. Dry the air first.',
          'Cut the old sealant along basin and wall with a knife; new sealant goes in last of all.',
        ]
      : []),
  ],
  cautions: [
    byLabel(
      'In a room that is lived in: windows open, pilot lights and gas heaters off before solvents are opened, and nobody sleeps there until the smell is gone.',
    ),
  ],
} as const;

export const sealEdges = {
  title: 'Seal the edges that water reaches',
  because: 'In a wet room water gets in at cut edges, joints and the foot, and lifts every coat.',
  how: [
    'Lower edges, cut-outs for pipes, the joint along the basin: two thin coats of the last material, worked in with a small brush, dry between.',
    'Right: the edge is as smooth and closed as the face. Wrong: it still drinks; one more coat.',
    'Then a thin line of sealant where it meets basin, wall and floor, smoothed with a wet finger.',
  ],
} as const;

export const anchor = {
  title: 'Prepare an anchor for the wall',
  because: (
    size: { readonly height: number; readonly depth: number },
    clothes: boolean,
    units: UnitSystem,
  ) =>
    `It is ${showLength(size.height, units)} high and ${showLength(size.depth, units)} deep: from ${showLength(TIPS_FROM_MM.value, units)} (27 in) on ${clothes ? 'a piece that clothes are kept in' : 'a free-standing case'} is anchored where children come (ASTM F2057-23, 16 CFR 1261). They climb drawers, doors and shelves.`,
  how: [
    'Two brackets or straps into the frame at the top, not into the back panel.',
    'Send screws and a note for the wall along with the piece.',
  ],
  cautions: [
    byCode('A piece that is not anchored can kill a child: it tips when one climbs a drawer.'),
  ],
} as const;
