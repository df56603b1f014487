import type { Damage } from '../damages';
import { PRACTICE, type SourceMark } from '../source';
import { table } from '../table';
import type { Variable } from '../variables';
import type { Remedy } from './remedies';

/** What a discovery tells about a surface, whatever is done about it. */
export interface Tells {
  readonly confirms?: { readonly variable: Exclude<Variable, 'lead'>; readonly value: string };
  readonly finds?: Damage;
  /** A layer below that nobody knew of: the years of the piece are open again. */
  readonly hiddenLayer?: true;
}

interface Answer {
  readonly id: string;
  readonly label: string;
  readonly tells: Tells;
}

/** On what it turns up, for finding it quickly. */
export const DISCOVERY_GROUPS = {
  through: 'Something comes through',
  film: 'The fresh coat',
  old: 'The old finish, or what it is made of',
  wood: 'The wood',
  repair: 'Repairs and parts',
  other: 'Something else',
} as const;
export type DiscoveryGroup = keyof typeof DISCOVERY_GROUPS;

interface DiscoveryRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  readonly group: DiscoveryGroup;
  /** What to do on the spot, before anything is decided. */
  readonly now: string;
  /** What can hurt. */
  readonly caution?: string;
  /** Asked where the answer changes what is known. */
  readonly asks?: { readonly question: string; readonly answers: readonly Answer[] };
  readonly tells: Tells;
  readonly remedies: readonly [Remedy, ...Remedy[]];
  readonly source: SourceMark;
}

const row = <const Id extends string>(
  it: Omit<DiscoveryRow<Id>, 'source' | 'tells'> & Partial<DiscoveryRow<Id>>,
): DiscoveryRow<Id> => ({ tells: {}, ...it, source: PRACTICE });

const bleeds = (value: string): Tells => ({ confirms: { variable: 'bleed', value } });
const madeOf = (value: string): Tells => ({ confirms: { variable: 'substrate', value } });

/** What turns up while work is done, in the words of whoever sees it. */
export const DISCOVERIES = table([
  row({
    id: 'bleed',
    label: 'Colour comes through primer or paint',
    group: 'through',
    now: 'Stop, and let it dry right through. More paint does not cure it.',
    asks: {
      question: 'Which colour?',
      answers: [
        { id: 'yellow', label: 'Yellow to brown', tells: bleeds('tannin') },
        { id: 'pink', label: 'Pink to red', tells: bleeds('dye') },
        { id: 'old', label: 'Like an old stain or ink', tells: bleeds('stain') },
      ],
    },
    remedies: ['sealAndRepaint', 'spotSeal', 'darker', 'acceptIt'],
  }),
  row({
    id: 'extractives',
    label: 'Oily colour comes out on the rag or the paper',
    group: 'through',
    now: 'Stop sanding: it drives the colour round. Wipe it off, and change the paper.',
    remedies: ['washOut', 'paintIt', 'leaveIt'],
  }),
  row({
    id: 'knots',
    label: 'Knots show as rings',
    group: 'through',
    now: 'Let it dry. Every knot gets shellac, not only those that show by now.',
    tells: bleeds('resin'),
    remedies: ['sealAndRepaint', 'spotSeal', 'darker', 'acceptIt'],
  }),
  row({
    id: 'waterMark',
    label: 'A water mark shows through the blocker',
    group: 'through',
    now: 'Clear shellac does not hide it. Decide before the next coat.',
    tells: bleeds('stain'),
    remedies: ['sealAndRepaint', 'paintIt', 'acceptIt'],
  }),
  row({
    id: 'sandedThrough',
    label: 'Sanded through the veneer or an edge',
    group: 'wood',
    now: 'Put the machine down. Do not feather it out: that makes it larger.',
    remedies: ['patchVeneer', 'fillAndPaint', 'sealBare', 'darker', 'asDesign'],
  }),
  row({
    id: 'doneTooSoon',
    label: 'Work was done before lead, mould or insects were dealt with',
    group: 'old',
    now: 'Stop. Nothing dry, nothing more on this piece. Keep children away, wash your hands.',
    caution: 'What was opened or covered may contain lead. Only a test of each layer tells.',
    remedies: ['cleanUpAndTest', 'toAFirm'],
  }),
  row({
    id: 'suspectLayer',
    label: 'An older coat of paint turns up below',
    group: 'old',
    now: 'Stop. Nothing dry, nothing hot, nothing scraped. Wipe the dust up wet, wash your hands, keep children away.',
    caution: 'It may hold lead. Only a test of that layer tells.',
    tells: { hiddenLayer: true },
    remedies: ['testFirst', 'leaveIt', 'toAFirm'],
  }),
  row({
    id: 'otherMaterial',
    label: 'It is made of something other than we thought',
    group: 'old',
    now: 'Stop with papers and water until the route is planned anew.',
    asks: {
      question: 'What is it?',
      answers: [
        { id: 'hardwood', label: 'Solid hardwood', tells: madeOf('hardwood') },
        { id: 'softwood', label: 'Solid softwood', tells: madeOf('softwood') },
        { id: 'plywood', label: 'Plywood', tells: madeOf('plywood') },
        { id: 'foil', label: 'Printed foil', tells: madeOf('foil') },
        { id: 'hpl', label: 'Laminate', tells: madeOf('hpl') },
        { id: 'board', label: 'Bare board', tells: madeOf('board') },
      ],
    },
    remedies: ['goOnWithIt', 'paintIt', 'leaveIt'],
  }),
  row({
    id: 'hiddenVeneer',
    label: 'There is veneer under the paint',
    group: 'old',
    now: 'No coarse paper, and no more water than needed. Measure it at a chip or an edge.',
    tells: madeOf('veneerCore'),
    remedies: ['goOnWithIt', 'clearIt', 'paintIt'],
  }),
  row({
    id: 'stainStays',
    label: 'A stain or ring won’t come out',
    group: 'wood',
    now: 'Don’t dig after it with coarse paper: the hollow shows longer than the stain.',
    remedies: ['bleachAgain', 'sealAndRepaint', 'darker', 'paintIt', 'acceptIt'],
  }),
  row({
    id: 'blotches',
    label: 'The stain took in blotches',
    group: 'wood',
    now: 'Wipe the whole face with its thinner while it is fresh.',
    remedies: ['wipeBack', 'gelOver', 'darker', 'paintIt', 'acceptIt'],
  }),
  row({
    id: 'colourOff',
    label: 'The colour doesn’t match the sample',
    group: 'film',
    now: 'Let it dry first: wet and dry are two colours. Compare in daylight.',
    remedies: ['oneMoreCoat', 'darker', 'wipeBack', 'acceptIt'],
  }),
  row({
    id: 'fillerShrank',
    label: 'Filler shrank, and leaves a hollow',
    group: 'repair',
    now: 'Leave the coats off it for now. Circle every hollow with a pencil in raking light.',
    remedies: ['fillAgain', 'acceptIt'],
  }),
  row({
    id: 'fillerShows',
    label: 'Filler shows through the coat',
    group: 'repair',
    now: 'Let it dry. Dull patches want sealing before more colour helps.',
    remedies: ['sealBare', 'oneMoreCoat', 'paintIt', 'acceptIt'],
  }),
  row({
    id: 'jointOpened',
    label: 'A joint has opened',
    group: 'repair',
    now: 'Does it move when you push? Then it is glued; else it only shows.',
    remedies: ['glueJoint', 'caulkIt', 'acceptIt'],
  }),
  row({
    id: 'wontStrip',
    label: 'The finish won’t strip',
    group: 'old',
    now: 'Has it dried on? Wet it again, cover it with film, and wait.',
    remedies: ['stripAgain', 'gelStrip', 'scrapeStrip', 'paintIt', 'leaveIt'],
  }),
  row({
    id: 'furred',
    label: 'The wood is fuzzy, the grain is raised',
    group: 'wood',
    now: 'Let it dry; don’t sand it wet.',
    remedies: ['cutFur', 'acceptIt'],
  }),
  row({
    id: 'primerPeels',
    label: 'Primer or paint peels off',
    group: 'film',
    now: 'Stop coating. Pull with tape, and see how far it comes off.',
    remedies: ['newOff', 'bareWood', 'leaveIt'],
  }),
  row({
    id: 'wrinkles',
    label: 'The paint wrinkles or crazes',
    group: 'film',
    now: 'Leave it alone: it is soft below. Warm, dry, moving air.',
    remedies: ['waitAndLevel', 'newOff'],
  }),
  row({
    id: 'fisheyes',
    label: 'Craters in the wet film',
    group: 'film',
    now: 'Stop. If it is still wet, wipe the whole coat off now; dry, leave it.',
    remedies: ['washCraters', 'newOff'],
  }),
  row({
    id: 'blush',
    label: 'A white haze in the clear coat',
    group: 'film',
    now: 'Damp air is caught in it. No further coat in this air.',
    remedies: ['clearBlush', 'levelOut'],
  }),
  row({
    id: 'runs',
    label: 'Runs, dust or lap marks',
    group: 'film',
    now: 'Still wet within a few minutes: lay it off once, lightly. Later: hands off until it is hard.',
    remedies: ['levelOut', 'acceptIt'],
  }),
  row({
    id: 'yellowed',
    label: 'The clear coat has yellowed',
    group: 'film',
    now: 'No more of that clear coat: it goes on yellowing.',
    remedies: ['repaintUnyellowed', 'acceptIt'],
  }),
  row({
    id: 'tapePulled',
    label: 'The tape pulled the film off',
    group: 'film',
    now: 'Stop pulling. Score along the rest with a blade, pull it back on itself.',
    remedies: ['touchEdge', 'newOff', 'acceptIt'],
  }),
  row({
    id: 'drawerSticks',
    label: 'A drawer sticks',
    group: 'repair',
    now: 'Look for the shiny spot where it rubs; don’t force it over a fresh film.',
    remedies: ['easeRunner', 'acceptIt'],
  }),
  row({
    id: 'noMaterial',
    label: 'Out of material, or none to be had',
    group: 'other',
    now: 'Stop at an edge, not in the middle of a face.',
    remedies: ['waitForIt', 'waterborneInstead', 'acceptIt'],
  }),
  row({
    id: 'changedMind',
    label: 'The client wants something else',
    group: 'other',
    now: 'Finish nothing that is to come off again.',
    remedies: ['paintIt', 'clearIt', 'darker', 'leaveIt'],
  }),
  row({
    id: 'brokenPart',
    label: 'Something broke',
    group: 'repair',
    now: 'Keep every splinter: it fits better than any filler.',
    asks: {
      question: 'What broke?',
      answers: [
        { id: 'split', label: 'A crack or split', tells: { finds: 'crack' } },
        { id: 'edge', label: 'An edge or moulding', tells: { finds: 'missingEdge' } },
        { id: 'hole', label: 'A chip or hole', tells: { finds: 'gouge' } },
        { id: 'lifts', label: 'Veneer came loose', tells: { finds: 'liftingVeneer' } },
      ],
    },
    remedies: ['goOnWithIt', 'paintIt', 'acceptIt'],
  }),
  row({
    id: 'insects',
    label: 'Live insects or fresh dust of theirs',
    group: 'other',
    now: 'Bag it, or carry it outside, away from other wood.',
    tells: { finds: 'insects' },
    remedies: ['goOnWithIt', 'leaveIt'],
  }),
]);
export type DiscoveryKind = (typeof DISCOVERIES.ids)[number];
