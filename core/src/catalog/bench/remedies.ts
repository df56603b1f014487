import type { Damage } from '../damages';
import { PRACTICE, type SourceMark } from '../source';
import { table } from '../table';
import type { Mend } from './mends';

/** What a surface shall become instead. */
export type NewAim = 'paint' | 'darker' | 'clear' | 'gel' | 'waterborneClear' | 'leave';

/** What choosing a remedy does to the record and to the state of the work. */
export interface Does {
  /** A damage is put on the list of the surface, at the place. */
  readonly finds?: Damage;
  readonly aims?: NewAim;
  /** How the old finish comes off from here on. */
  readonly strips?: 'gel' | 'scrape';
  /** Which new coats no longer count: the one on top, or all. */
  readonly film?: 'top' | 'all';
  /** Conditions of the surface that no longer hold, so that their work comes again. */
  readonly lost?: readonly string[];
  /** Fills that were made here are open again. */
  readonly reopensFills?: true;
  readonly mends?: Mend;
  /** Work on the surface is put off by so many days. */
  readonly putsOffDays?: number;
  /** A cross-cut is put on record: so many of 25 squares were gone. */
  readonly squaresGone?: number;
}

/** Where a remedy makes sense: on veneer, where wood will be seen, under paint. */
export type Only = 'veneer' | 'woodShows' | 'painted';

interface RemedyRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** What speaks for it. */
  readonly why: string;
  /** What it does not do, or what it costs beside time. */
  readonly but: string;
  readonly does: Does;
  readonly only: Only | null;
  /** The thorough way that it is to spare: offered only where it takes less. */
  readonly spares: string | null;
  /** It may be chosen even where the route stays as it is. */
  readonly changesNothing: boolean;
  /** What comes through is shut in: the primer of the face has to block. */
  readonly shutsIn: boolean;
  /** What turned up is put up with: the planner is not told of it. */
  readonly putsUpWithIt: boolean;
  readonly source: SourceMark;
}

const row = <const Id extends string>(
  id: Id,
  label: string,
  why: string,
  but: string,
  does: Does = {},
  rest: Partial<Pick<RemedyRow, 'only' | 'spares' | 'shutsIn' | 'putsUpWithIt'>> = {},
): RemedyRow<Id> => ({
  id,
  label,
  why,
  but,
  does,
  only: null,
  spares: null,
  shutsIn: false,
  putsUpWithIt: false,
  ...rest,
  changesNothing: Object.keys(does).length === 0,
  source: PRACTICE,
});

/** Ways to go on after something turned up. */
export const REMEDIES = table([
  row(
    'sealAndRepaint',
    'Seal it with shellac, then paint again',
    'Two coats of shellac blocker hold what water draws out.',
    'The coats that are on do not count: they are painted once more.',
    { film: 'all' },
    { only: 'painted', shutsIn: true },
  ),
  row(
    'spotSeal',
    'Seal only the places that show',
    'Least paint and least time, where only a few places come through.',
    'What has not shown yet may still come; knots can take months.',
    { film: 'top', mends: 'spotSeal' },
    { spares: 'sealAndRepaint' },
  ),
  row(
    'darker',
    'A darker colour',
    'What comes through is hard to see under a dark or middle colour.',
    'It still comes through. The owner has to like the colour.',
    { aims: 'darker' },
  ),
  row(
    'washOut',
    'Wash it out, up to three rounds',
    'What is washed out can’t come through later.',
    'A night to dry; damp only on thin veneer and board.',
    { finds: 'weepsColour', lost: ['washedOut', 'driedOut'] },
  ),
  row(
    'paintIt',
    'Paint this face',
    'Under paint, filler, patches and stains are out of sight.',
    'The wood is not seen any more, and to get it back it would have to be stripped.',
    { aims: 'paint' },
  ),
  row(
    'patchVeneer',
    'Let in a patch of veneer',
    'The face stays wood, and can be finished clear.',
    'A patch in the middle of a face is seen by whoever looks for it.',
    { finds: 'missingVeneer', lost: ['fillFlush'], film: 'top' },
    { only: 'veneer' },
  ),
  row(
    'fillAndPaint',
    'Fill it flush and paint this face',
    'Two-part filler, sanded flush, is not seen under paint.',
    'No stain ever takes on filler: this face stays painted.',
    { finds: 'missingVeneer', aims: 'paint', lost: ['fillFlush'], film: 'top' },
  ),
  row(
    'sealBare',
    'Seal the bare places and go on',
    'Where only the edge of the film is through, a touch of primer is enough.',
    'Only where the wood below is solid, or the place is tiny.',
    { film: 'top', mends: 'spotSeal' },
    { only: 'painted' },
  ),
  row(
    'asDesign',
    'Let it show',
    'A worn edge suits a distressed or rustic piece; nothing more is done.',
    'On a smooth clear face it looks like what it is.',
    {},
    { putsUpWithIt: true },
  ),
  row(
    'testFirst',
    'Stop, and test before anything else is opened',
    'Only a result for each layer closes the question of lead.',
    'The dusty work waits for it; a laboratory takes about a week.',
  ),
  row(
    'cleanUpAndTest',
    'Clean up wet, then test every layer',
    'Dust that was made is taken off before it travels, and the question of lead is asked again.',
    'What was laid meanwhile is notched with the rest; it may have to come off again.',
    { mends: 'cleanUpHarm', lost: ['leadSampled'] },
  ),
  row(
    'leaveIt',
    'Leave this surface as it is',
    'Nothing more is opened, sanded or spoiled.',
    'It stays as it is: the finish does not get better, and what is loose stays loose.',
    { aims: 'leave' },
  ),
  row(
    'toAFirm',
    'Hand it to a certified firm',
    'Licensed people, with the equipment and the paperwork.',
    'It costs money and weeks; ask for a record of what was done.',
    { aims: 'leave' },
  ),
  row(
    'goOnWithIt',
    'Go on with what is known now',
    'The route is planned for what it is; what no longer fits is left out.',
    'What was done so far stays done, whether it would have been needed or not.',
  ),
  row(
    'bleachAgain',
    'Bleach it once more',
    'A second round takes what the first one loosened.',
    'Still dark after two rounds is burnt or ink, and stays.',
    { finds: 'darkRing', lost: ['bleached', 'stainSandedOut', 'driedOut'] },
    { only: 'woodShows' },
  ),
  row(
    'acceptIt',
    'Leave it as it is',
    'Nothing is lost, and nothing more is done about it.',
    'It will be seen, or felt, by whoever looks for it.',
    {},
    { putsUpWithIt: true },
  ),
  row(
    'gelOver',
    'Gel stain over it',
    'Gel lies on the wood and evens blotches out; pores take it alike.',
    'It hides some of the figure.',
    { aims: 'gel' },
    { only: 'woodShows' },
  ),
  row(
    'wipeBack',
    'Wipe the colour back and start it again',
    'Its own thinner still lifts fresh stain; conditioner then evens out the next round.',
    'Never quite back to bare: the wood keeps a tone.',
    { film: 'all', mends: 'wipeBack', lost: ['sanded'] },
    { only: 'woodShows' },
  ),
  row(
    'oneMoreCoat',
    'One more coat',
    'The next coat evens out what the last one left.',
    'It adds film: mind sliding parts.',
    { film: 'top' },
  ),
  row(
    'fillAgain',
    'Fill it again, and sand it flush',
    'A second fill shrinks far less than the first.',
    'The face is sanded and coated again at that place.',
    { reopensFills: true, lost: ['fillFlush'], film: 'top' },
  ),
  row(
    'glueJoint',
    'Glue and clamp the joint',
    'Only a joint that is tight keeps its film whole.',
    'A day in the clamps; squeeze-out has to come off the face.',
    { finds: 'looseJoint', film: 'top' },
  ),
  row(
    'caulkIt',
    'Caulk the gap',
    'A flexible bead closes a gap that only shows.',
    'It holds nothing together, and only paint goes over it.',
    { finds: 'jointGap', lost: ['caulked'], film: 'top' },
    { only: 'painted' },
  ),
  row(
    'stripAgain',
    'One more round of the same',
    'Thick films come off layer by layer.',
    'Thicker, covered with film, and longer: a thin coat that dries does nothing.',
    { lost: ['stripped'] },
  ),
  row(
    'gelStrip',
    'Gel stripper instead',
    'It works on nearly every film, covered and given time.',
    'Gloves matched to it, ventilation, a night to dry.',
    { strips: 'gel', lost: ['stripped'] },
  ),
  row(
    'scrapeStrip',
    'Scrape it instead',
    'A sharp scraper takes what chemistry does not.',
    'Not on carving, thin veneer or anything that may hold lead.',
    { strips: 'scrape', lost: ['stripped'] },
  ),
  row(
    'cutFur',
    'Let it dry, then cut off the raised fibres',
    'Dry fibres are cut; wet ones only bend.',
    'Not coarser than the last paper: scratches show under stain.',
    { mends: 'cutFur' },
  ),
  row(
    'newOff',
    'Take the new film off, and start again from what holds',
    'A coat holds no better than the one below it.',
    'The coats so far are lost. Find the cause first, or it comes again.',
    { film: 'all', mends: 'scrapeBack', lost: ['sanded', 'degreased'] },
  ),
  row(
    'bareWood',
    'Strip it to the bare wood',
    'Nothing that could let go is left below the new coats.',
    'The longest way, with stripper or scraper.',
    {
      film: 'all',
      squaresGone: 20,
      strips: 'gel',
      lost: ['stripped', 'sanded'],
      mends: 'scrapeBack',
    },
  ),
  row(
    'waitAndLevel',
    'Let it harden, level it, coat it again',
    'A film that is hard right through bears the next one.',
    'Days of waiting in cold air.',
    { film: 'top', mends: 'waitAndLevel' },
  ),
  row(
    'washCraters',
    'Level it, wash the face, coat it again',
    'Once silicone is off and shut in, the film wets the face.',
    'Clean brush, clean cloth, clean cup: a trace is enough to start again.',
    { film: 'top', finds: 'silicone', mends: 'wipeCraters' },
  ),
  row(
    'clearBlush',
    'Warm, dry air, then clear the haze',
    'The film is sound; only damp is caught in it.',
    'Wait for dry air before the next coat.',
    { mends: 'clearBlush' },
  ),
  row(
    'levelOut',
    'Level it, and lay that coat again',
    'Sanded flat, it is gone for good.',
    'It has to be hard right through first.',
    { film: 'top', mends: 'levelOut' },
  ),
  row(
    'repaintUnyellowed',
    'Paint again, then a waterborne clear coat',
    'Waterborne clear does not yellow over white.',
    'All coats of colour once more.',
    { film: 'all', aims: 'waterborneClear' },
    { only: 'painted' },
  ),
  row(
    'touchEdge',
    'Mend the torn edge, then one more coat',
    'Feathered out and touched in, the step is gone.',
    'Score along the tape next time.',
    { film: 'top', mends: 'touchEdge' },
  ),
  row(
    'easeRunner',
    'Level the runner, wax it',
    'Most drawers stick on a worn runner, not on their film.',
    'Find the shiny spot first: that is where it rubs.',
    { finds: 'catchingDrawer' },
  ),
  row(
    'waitForIt',
    'Put this surface off by a week',
    'The rest goes on; the clock plans round it.',
    'A recoat window may close meanwhile; then it is dulled first.',
    { putsOffDays: 7 },
  ),
  row(
    'waterborneInstead',
    'Another topcoat: waterborne clear',
    'On hand nearly everywhere, dry in hours, and it does not yellow.',
    'It looks cooler than oil, and wants more coats on hard wear.',
    { aims: 'waterborneClear' },
  ),
  row(
    'clearIt',
    'Show the wood',
    'What is under the finish comes back.',
    'Whatever lies on it has to come off, and what is below is not known before.',
    { aims: 'clear' },
  ),
]);
export type Remedy = (typeof REMEDIES.ids)[number];

/** Offered where no other way is left: the two that do the least harm. */
export const LAST_RESORTS: readonly [Remedy, Remedy] = ['leaveIt', 'toAFirm'];
