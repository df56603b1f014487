import { line, type Told } from './line';
import type { RepairMethod } from './methods';
import type { Protection } from './protection';
import { atHand, use, type Use } from './rates';
import type { Until } from './waits';

/** How a repair is done for one family of schemes. */
export interface Repair {
  /** The method by which it is done. */
  readonly id: RepairMethod;
  readonly title: string;
  /** What it takes for each place. */
  readonly uses: readonly Use[];
  readonly steps: readonly Told[];
  /** Active minutes for each place. */
  readonly minutes: number;
  readonly waitMinutes: number;
  readonly until: Until;
  readonly caution?: string;
  /** Chance that the place can still be seen under a clear coat (modelling judgement). */
  readonly shows?: number;
  readonly glue?: boolean;
  /** Wanted only where it is deeper than this, mm. */
  readonly deeperThanMm?: number;
  /** It mends the film, and is left out where that comes off. */
  readonly onFilm?: boolean;
  /** Holds the piece together; else it mends what is seen. */
  readonly holds?: boolean;
  /** Which rule of depth it follows, where somebody measured. */
  readonly byDepth?: 'filler' | 'stainable';
  /** Which rule of size it follows, where somebody measured. */
  readonly bySize?: 'crack' | 'sheet';
  /** Leaves something proud, to be sanded flush. */
  readonly proud?: boolean;
  /** Done on a warm face: not where its glue would go soft. */
  readonly heats?: boolean;
  /** Beside what its method asks for. */
  readonly protection?: readonly Protection[];
}

export const steamDent: Repair = {
  id: 'steam',
  heats: true,
  title: 'Steam the dents out',
  shows: 0.15,
  uses: [atHand('cleanCloth')],
  steps: [
    'Bare wood only. Prick the dent a few times with a needle, a drop of water in it, five minutes.',
    line(
      'A folded damp cloth on it, the tip of a hot iron on the cloth for three or four seconds; lift, wet again. Five to ten times: the fibres swell back.',
      ['heats'],
    ),
    'Right: a fingertip passes over it without a dip, rather a little proud. Still a dip after ten? The fibres are torn: fill it.',
    'Let it dry for four hours before the next step: damp fibres tear.',
  ],
  minutes: 8,
  waitMinutes: 240,
  until: 'woodDry',
  caution: 'Not on veneer with heat-soft glue, not under a film.',
};
export const twoPartFill: Repair = {
  id: 'two-part-filler',
  byDepth: 'filler',
  proud: true,
  title: 'Fill with two-part filler',
  uses: [use('twoPartFiller', 0.02, 'fills'), use('hardener', 0.0004, 'fills')],
  steps: [
    line(
      'Blow it out, scrape loose fibres away.',
      ['blows', 'scrapes'],
      line('Mist the place, lift loose fibres with a damp plastic edge, wipe it out, let it dry.', [
        'scrapesWet',
      ]),
    ),
    'Filler the size of a walnut on a card, hardener about 2 % by weight (1–3 %, a pea to a walnut): more is faster. Fold until it is one colour.',
    'You have about five minutes. Press it in from two sides so that no air stays, and leave it proud.',
    'When it is like hard cheese, after ten minutes or so, slice it nearly flush with a blade; that saves half the levelling.',
    line(
      'Deeper than about 6 mm: in rounds, up to three, each hard and scuffed before the next.',
      ['abrades'],
      line(
        'Deeper than about 6 mm: in rounds, up to three, each hard and dulled wet before the next.',
        ['rubsWet'],
      ),
    ),
    'Crumbly in the pot? It has gone off: throw it away.',
  ],
  minutes: 12,
  waitMinutes: 30,
  until: 'hard',
  caution: 'Skin and fumes: gloves, open air. No stain ever takes on it.',
};
export const stainableFill: Repair = {
  id: 'stainable-filler',
  byDepth: 'stainable',
  proud: true,
  title: 'Fill with matched stainable filler',
  shows: 0.6,
  uses: [use('stainableFiller', 0.01, 'fills')],
  steps: [
    'Wet the wood with spirits beside the place: that is the tone it gets under the coat. Mix filler to it, rather a shade too light.',
    'Press it in with a flexible knife along the grain, a little proud; wipe the rim clean at once, or a halo stays under the stain.',
    'Dry by its depth, two to six hours: pale all through and hard under a fingernail. Sunk? A second thin layer.',
  ],
  minutes: 8,
  waitMinutes: 240,
  until: 'dryToDepth',
  caution: 'Matches never perfectly: put large patches where paint goes.',
};
export const glueCrack: Repair = {
  id: 'glue-crack',
  bySize: 'crack',
  title: 'Glue the crack shut',
  shows: 0.3,
  uses: [use('woodGlue', 0.01, 'glues'), use('tape', 0.5, 'covers'), atHand('clamps')],
  steps: [
    'Dry first: see how far clamps close it, without force. What will not close by hand pressure is not glued shut.',
    'Tape behind the crack. Glue in by syringe, work it through with a thin blade from both sides until it shows below.',
    'Clamp with blocks and paper between; beads along the whole line are right. Wipe them off wet, twice, or they show as pale spots under stain.',
    'A day in the clamps. A line still open is filled afterwards, not glued again.',
  ],
  minutes: 15,
  waitMinutes: 1440,
  until: 'glueLoads',
  glue: true,
};
export const glueVeneer: Repair = {
  id: 'glue-veneer',
  title: 'Glue the lifting veneer down',
  uses: [use('woodGlue', 0.01, 'glues'), atHand('syringe'), atHand('caulAndClamps')],
  steps: [
    'Lift no further than it lifts by itself.',
    line(
      'Vacuum or blow under it; old glue that crumbles is scraped out with a thin blade.',
      ['vacuums', 'blows', 'scrapes'],
      line(
        'Draw old glue that crumbles out on a barely damp brush and a thin blade, and wipe it off; nothing is blown, and only a HEPA vacuum goes near.',
        ['scrapesWet'],
      ),
    ),
    'Glue in by syringe right to the back, press it forward with a finger, wipe what comes out.',
    'Paper, then a flat block as caul, then clamps or weights, overnight. Brittle and curled? A damp warm cloth on it first, ten minutes, until it lies down.',
    'Tap it tomorrow: a full sound all over is right; a hollow one wants glue again through a slit along the grain.',
  ],
  minutes: 15,
  waitMinutes: 720,
  until: 'overnight',
  glue: true,
};
export const gluePlies: Repair = {
  ...glueVeneer,
  id: 'glue-plies',
  title: 'Glue the plies together',
  steps: [
    line(
      'Spread the plies with a blunt knife no further than they part; blow the dust out, let damp ply dry first.',
      ['blows'],
      'Spread the plies with a blunt knife no further than they part; wipe the dust out with a barely damp brush, let it dry.',
    ),
    'Glue deep in on both faces with a strip of card, close, open, close: it spreads.',
    'Two straight boards over paper as cauls, clamps every hand’s breadth; wipe. Overnight.',
    line(
      'The edge is trimmed flush with a block.',
      ['cuts'],
      line('The edge is taken flush with wet-or-dry paper on a block, kept wet; bag the wipes.', [
        'rubsWet',
      ]),
    ),
  ],
};
export const glueJoint: Repair = {
  id: 'glue-joint',
  title: 'Glue the loose joints',
  uses: [use('woodGlue', 0.02, 'glues'), atHand('clampsOrStrap')],
  steps: [
    line(
      'Rock it apart, tapping with a soft mallet beside the joint; mark which goes where.',
      ['pries'],
      line(
        'Mist the paint over the joint, slit it all round with a knife, wipe it up wet; then rock it apart without knocking, and mark which goes where.',
        ['cutsWet'],
      ),
    ),
    'Never force what is pinned or screwed: find the pin first.',
    line(
      'Soften the old glue on both faces with warm water or vinegar, take it off with a plastic edge and a rag, let them dry: new glue holds on wood, not on old glue.',
      ['scrapesWet'],
    ),
    'Dry-fit it with the clamps. Then a thin film of glue on both faces, clamp or strap, measure both diagonals: equal is square.',
    'Beads all round are right; wipe them wet. A day before it carries load.',
  ],
  minutes: 20,
  waitMinutes: 1440,
  until: 'glueLoads',
  glue: true,
};
export const glueDovetail: Repair = {
  ...glueJoint,
  id: 'glue-dovetail',
  title: 'Glue the broken dovetails',
  steps: [
    line(
      'Scrape the old glue out of every corner; dry-fit it.',
      ['scrapes'],
      line(
        'Soften the old glue in every corner with a damp brush and take it out wet; let it dry, dry-fit it.',
        ['scrapesWet'],
      ),
    ),
    line(
      'A missing tail: a block of the same wood glued on and sawn to shape tomorrow. A loose one: glue and slips of thin veneer in the gaps, the grain along.',
      ['worksNew'],
    ),
    'Tape over the outside, clamp across both ways, check that the drawer is square and lies flat. A day.',
  ],
};
export const levelRunner: Repair = {
  id: 'level-runner',
  title: 'Level the runner',
  uses: [
    use('shims', 1, 'fills'),
    use('woodGlue', 0.005, 'glues'),
    use('pasteWax', 0.005, 'coats'),
  ],
  steps: [
    'Run the drawer with chalk on its edges: the rubbed places show where it catches, the groove in the runner where it has sunk.',
    line(
      'Plane the groove flat.',
      ['cuts'],
      line(
        'Take the groove flat with wet-or-dry paper on a narrow block, kept wet; wipe, let it dry.',
        ['rubsWet'],
      ),
    ),
    'Glue a hardwood shim of about 2 mm in it, flush with the unworn end; clamp or pins set deep.',
    'It should run without a rattle and stop by itself. Wax at the end, after all coats.',
  ],
  minutes: 10,
  waitMinutes: 240,
  until: 'glueHolds',
  glue: true,
};
export const newBack: Repair = {
  id: 'new-back',
  holds: true,
  title: 'Cut a new back',
  uses: [use('thinPlywood', 1, 'covers')],
  steps: [
    'The old back is the pattern. Measure the opening too, and both diagonals: if they differ, the carcass is pulled square before the back is cut.',
    line(
      'Cut it 1–2 mm smaller all round from plywood as thick as the rebate allows; the grain upright, as the old one.',
      ['worksNew'],
    ),
    'Break the edges, dry-fit it, mark top and face, set it aside: it goes on last.',
  ],
  minutes: 40,
  waitMinutes: 0,
  until: 'dry',
};

export const glazingPutty: Repair = {
  id: 'glazing-putty',
  proud: true,
  title: 'Fill scratches with glazing putty',
  uses: [use('glazingPutty', 0.005, 'fills')],
  steps: [
    line(
      'Scuff the scratch and a finger’s breadth round it.',
      ['abrades'],
      line('Dull the scratch and a finger’s breadth round it with wet-or-dry paper, wet; wipe.', [
        'rubsWet',
      ]),
    ),
    'Pull putty tight across it with a flexible knife, then once along: thin.',
    'Two thin passes, half an hour apart, rather than one thick one, which cracks and sinks.',
    line(
      'Ready when it sands to dust and does not roll under the paper.',
      ['abrades'],
      'Ready when a fingernail leaves no mark; it is made flush wet.',
    ),
  ],
  minutes: 3,
  waitMinutes: 45,
  until: 'sandsToPowder',
};
export const epoxyPutty: Repair = {
  id: 'epoxy-putty',
  proud: true,
  title: 'Model the missing edge in epoxy putty',
  uses: [use('epoxyPutty', 0.05, 'fills'), use('armature', 4, 'fills')],
  steps: [
    line(
      'Cut back to sound wood, drill a few slanting holes.',
      ['cuts', 'drills'],
      line(
        'Mist it and cut back to sound wood with a sharp knife; drill a few slanting holes slowly through wet foam, bag the foam.',
        ['cutsWet'],
      ),
    ),
    'Small nails or wire in the holes as an armature, heads below the shape to come.',
    'Knead equal parts until there is one colour, no streaks; press it on and into the holes. You have about half an hour.',
    'Model it close with wet fingers and a knife: a straight batten along an edge, a profile cut from a card for a moulding.',
    line(
      'After two hours it can be carved and rasped; hard in full after a day.',
      ['cuts'],
      line('After two hours it can be carved with a damp knife; hard in full after a day.', [
        'cutsWet',
      ]),
    ),
  ],
  minutes: 20,
  waitMinutes: 120,
  until: 'hardInFull',
};

export const woodPatch: Repair = {
  id: 'wood-patch',
  title: 'Let in a piece of the same wood',
  shows: 0.4,
  uses: [use('matchingWood', 1, 'fills'), use('woodGlue', 0.01, 'glues')],
  steps: [
    line(
      'Cut the break back to a clean, straight bed with a chisel, its ends slanting, not square: a slanting joint hides.',
      ['cuts'],
      line(
        'Mist the break and pare it back to a clean, straight bed, its ends slanting, not square; keep it damp, catch the chips on the sheet.',
        ['cutsWet'],
      ),
    ),
    'A piece of the same wood, grain and rings running on, a little larger all round; rub its bed with pencil and pare until the marks touch everywhere.',
    'Glue, tape or clamp over paper, a day.',
    line(
      'Trim with a plane from the old wood towards the patch, then paper; tone is matched with the finish.',
      ['cuts', 'abrades'],
      line(
        'Level it with wet-or-dry paper on a block, kept wet, from the old wood towards the patch; tone is matched with the finish.',
        ['rubsWet'],
      ),
    ),
  ],
  minutes: 45,
  waitMinutes: 1440,
  until: 'glueLoads',
  glue: true,
};

export const ringOut: Repair = {
  id: 'ring-out',
  onFilm: true,
  title: 'Bring the white ring out of the film',
  shows: 0.15,
  uses: [use('cloths', 0.2, 'wipes')],
  steps: [
    'It is moisture in the film, not in the wood. A warm hair dryer a hand away, two or three minutes, moving all the time; many are gone then.',
    line(
      'Still there: a little paste of mineral oil and fine chalk or rottenstone on a felt, along the grain, light; wipe off, look, again.',
      ['rubsWet'],
    ),
    'Then degrease the place, so that the new coat holds. What is left after three rounds lies deeper: the film has to come off.',
  ],
  minutes: 10,
  waitMinutes: 60,
  until: 'dry',
};
export const waxStick: Repair = {
  id: 'wax-stick',
  onFilm: true,
  title: 'Fill with wax stick',
  shows: 0.3,
  uses: [use('waxStick', 0.1, 'fills'), atHand('plasticScraper')],
  steps: [
    'Pick two sticks, one a shade lighter than the wood, one darker; knead crumbs of both until a dab beside the place can hardly be seen.',
    'Press it in warm, layer on layer; level it with a plastic edge across the grain, polish with a cloth.',
    'It stays soft: for scratches and small holes, not where cups stand; and no paint or film goes over it later unless it is dug out.',
  ],
  minutes: 8,
  waitMinutes: 0,
  until: 'hard',
};
export const washSilicone: Repair = {
  id: 'wash-silicone',
  title: 'Wash the silicone off',
  uses: [use('mineralSpirits', 0.05, 'cleans'), use('rags', 1, 'wipes')],
  steps: [
    'Mineral spirits on a fresh rag, wipe one way, throw the rag away; four times, a new rag each.',
    'Degrease after it. A dab of the first coat on a hidden place shows whether it still craters.',
    'Craters again? Wash once more, then a thin coat of dewaxed shellac before anything else.',
  ],
  minutes: 12,
  waitMinutes: 60,
  until: 'spiritsOff',
};
export const ironBand: Repair = {
  id: 'iron-band',
  title: 'Iron the edge band down',
  uses: [use('contactCement', 0.01, 'glues'), atHand('roller')],
  steps: [
    'Paper over the band, an iron at middle heat, a few seconds; press with a block until it is cool.',
    line(
      'The glue does not melt? Scrape it off.',
      ['scrapes'],
      line('The glue does not melt? Soften it with its remover and take it off wet with plastic.', [
        'scrapesWet',
      ]),
    ),
    'Then contact cement on both faces, let it dry by its label, press, roll.',
    line(
      'Trim with a fresh blade, towards the face. Wood glue does not hold on plastic.',
      ['cuts'],
      line('Trim with a fresh, damp blade, towards the face. Wood glue does not hold on plastic.', [
        'cutsWet',
      ]),
    ),
  ],
  minutes: 10,
  waitMinutes: 60,
  until: 'cementHard',
  glue: true,
};
export const glueHandle: Repair = {
  ...glueJoint,
  id: 'glue-handle',
  title: 'Glue the broken handle',
  steps: [
    'Dry-fit the break; no sanding of the broken faces, they key into each other.',
    'Glue on both, press, bind with tape or a strap; a dowel through it where it carries load.',
    'Squeezed-out glue off with a damp cloth before it sets.',
  ],
};
export const guideStrips: Repair = {
  id: 'guide-strips',
  title: 'Set guide strips beside the drawer',
  uses: [use('shims', 2, 'fills'), use('woodGlue', 0.005, 'glues')],
  steps: [
    'Push the drawer to one side and measure the gap at front and back.',
    'Glue a strip of hardwood half that thick along each side of the runner; clamp until it holds.',
    'It should run with a hair of play on both sides; wax at the end, after all coats.',
  ],
  minutes: 15,
  waitMinutes: 240,
  until: 'glueHolds',
  glue: true,
};

export const veneerPatch: Repair = {
  id: 'veneer-patch',
  title: 'Patch the missing veneer',
  shows: 0.6,
  uses: [
    use('matchingVeneer', 0.01, 'covers'),
    use('woodGlue', 0.01, 'glues'),
    atHand('caulAndClamps'),
  ],
  steps: [
    'Cut a boat-shaped patch with the grain running on, a little larger than the hole.',
    line(
      'Lay it on, score round it with a fresh blade, trim the hole to it: it should drop in without light at the edges.',
      ['cuts'],
      line(
        'Lay it on, score round it with a fresh blade, damp the rim and trim the hole to it: it should drop in without light at the edges. Wipe the trimmings up.',
        ['cutsWet'],
      ),
    ),
    'Glue, paper over it, caul and clamps overnight.',
    line(
      'Level with a scraper, never across the joint.',
      ['scrapes'],
      line('Level with wet-or-dry paper, kept wet, never across the joint.', ['rubsWet']),
    ),
  ],
  minutes: 40,
  waitMinutes: 720,
  until: 'overnight',
  caution: 'A patch on a high-visibility face shows under stain.',
  glue: true,
};
const glueAndFill: Repair = {
  ...glueCrack,
  id: 'glue-and-fill-crack',
  title: 'Glue the crack, then fill it',
  proud: true,
  minutes: 25,
  uses: [...glueCrack.uses, use('stainableFiller', 0.01, 'fills')],
  steps: [
    ...glueCrack.steps,
    'Next day: press filler into what is left open, a little proud; under clear matched to the wetted wood.',
  ],
};
const slip: Repair = {
  ...glueCrack,
  id: 'slip-in-crack',
  title: 'Let a slip of wood into the crack',
  minutes: 45,
  uses: [use('matchingWood', 1, 'fills'), use('woodGlue', 0.01, 'glues'), atHand('clamps')],
  steps: [
    line(
      'Clean the crack to clean wood with a blade; a wide one is never clamped shut: it would split beside.',
      ['cuts'],
      line(
        'Mist the crack and clean it to clean wood with a damp blade; a wide one is never clamped shut: it would split beside.',
        ['cutsWet'],
      ),
    ),
    line(
      'Plane a wedge of the same wood to it, grain running on, until it goes in by hand pressure.',
      ['worksNew'],
    ),
    'Glue on the slip only, press in, no clamp.',
    line(
      'Level it tomorrow with a plane or chisel.',
      ['cuts'],
      line('Level it tomorrow with wet-or-dry paper on a block, kept wet.', ['rubsWet']),
    ),
  ],
};

/** Repairs that are asked for by name: fills by their depth, and the holes of old fittings. */
export const FILLS = {
  putty: glazingPutty,
  twoPart: twoPartFill,
  epoxy: epoxyPutty,
  stainable: stainableFill,
  woodPatch,
  glueAndFill,
  slip,
  sheet: veneerPatch,
} as const;
