import { PRACTICE, type SourceMark } from '../source';
import { table } from '../table';
import type { DiscoveryKind } from './discoveries';

/** What a check is drawn as. */
export const CHECK_SKETCHES = [
  'glass',
  'rag',
  'blade',
  'face',
  'strip',
  'light',
  'spot',
  'film',
  'comb',
  'thumb',
  'drawer',
  'tape',
  'swatch',
] as const;
export type CheckSketch = (typeof CHECK_SKETCHES)[number];

/** What an answer means: go on; not yet, do that and look again; the work comes again; something turned up. */
export type Consequence =
  | { readonly kind: 'goOn' }
  | { readonly kind: 'wait' }
  | { readonly kind: 'again' }
  | { readonly kind: 'discovery'; readonly discovery: DiscoveryKind };

interface CheckAnswer {
  readonly id: string;
  readonly label: string;
  /** What to do now. */
  readonly then: string;
  readonly means: Consequence;
}

interface CheckRow<Id extends string = string> {
  readonly id: Id;
  readonly question: string;
  readonly sketch: CheckSketch;
  /** Tapped on the drawing of the piece, where it matters. */
  readonly hasPlace: boolean;
  readonly answers: readonly [CheckAnswer, ...CheckAnswer[]];
  readonly source: SourceMark;
}

const ON: Consequence = { kind: 'goOn' };
const WAIT: Consequence = { kind: 'wait' };
const AGAIN: Consequence = { kind: 'again' };
const found = (discovery: DiscoveryKind): Consequence => ({ kind: 'discovery', discovery });
const says = (id: string, label: string, then: string, means: Consequence): CheckAnswer => ({
  id,
  label,
  then,
  means,
});

const row = <const Id extends string>(
  id: Id,
  question: string,
  sketch: CheckSketch,
  answers: CheckRow['answers'],
  hasPlace = false,
): CheckRow<Id> => ({ id, question, sketch, hasPlace, answers, source: PRACTICE });

/** Questions that are answered by looking, while work is done or right after it. */
export const CHECKS = table([
  row('waterClear', 'Is the last wash water clear?', 'glass', [
    says('clear', 'Clear', 'Rinse with clear water, wipe dry at once.', ON),
    says('grey', 'Grey or brown', 'Change the water and wash it once more.', AGAIN),
    says(
      'coloured',
      'Colour of the wood',
      'Stop washing: wood colour is coming out.',
      found('extractives'),
    ),
  ]),
  row('ragClean', 'Does a white rag stay clean?', 'rag', [
    says('clean', 'Clean', 'Go on once it is dry.', ON),
    says('dirt', 'Grey: dirt or dust', 'Once more with a fresh cloth.', AGAIN),
    says('colour', 'Yellow, brown or red', 'Colour comes out of the wood.', found('extractives')),
  ]),
  row('filmSoft', 'What does the stripper do?', 'blade', [
    says(
      'wrinkled',
      'Wrinkled, comes off soft',
      'Scrape it off now, with the grain, before it dries.',
      ON,
    ),
    says('gummy', 'Gummy, not through', 'Cover it again; look every ten minutes.', WAIT),
    says('dry', 'Dried on', 'Wet it with fresh stripper, cover it with film, wait.', WAIT),
    says('nothing', 'Nothing happens', 'It may be a cured or factory film.', found('wontStrip')),
  ]),
  row('allOff', 'Is the old finish off everywhere, the corners too?', 'face', [
    says('off', 'All off', 'Go on once the wood is dry.', ON),
    says(
      'pores',
      'Only colour in pores or carving',
      'The owner decides how much is enough. Go on, or once more there.',
      ON,
    ),
    says('patches', 'Patches are left', 'One more round on those places.', AGAIN),
    says(
      'paint',
      'Another coat of paint below',
      'Stop: nobody knows that layer.',
      found('suspectLayer'),
    ),
  ]),
  row('neutralPh', 'Does the pH strip read near 7?', 'strip', [
    says('neutral', '6 to 8', 'Let the wood dry through.', ON),
    says('alkaline', 'Over 8', 'Neutralise once more, rinse, read again.', AGAIN),
    says('acid', 'Under 6', 'Rinse with clear water, read again.', AGAIN),
  ]),
  row('paleEnough', 'Is it as pale all over as it shall be?', 'face', [
    says('pale', 'Pale all over', 'Rinse, neutralise, and let it dry.', ON),
    says('darker', 'Still too dark', 'One more round, over the whole face.', AGAIN),
    says('spot', 'One spot stays', 'Burnt or ink: it stays.', found('stainStays')),
  ]),
  row('fillFlat', 'Is the filler flush?', 'light', [
    says('flush', 'Flush: a fingertip finds nothing', 'Go on.', ON),
    says('proud', 'Still proud', 'On a block, a little more.', WAIT),
    says('hollow', 'Hollow: it shrank', 'It wants a second fill.', found('fillerShrank')),
  ]),
  row('rakingLight', 'What does raking light show?', 'light', [
    says('even', 'Even, all one way', 'Go on.', ON),
    says(
      'scratches',
      'Scratches across, or swirls',
      'The last paper once more, with the grain.',
      WAIT,
    ),
    says(
      'flats',
      'Shiny places that no paper reached',
      'Those low spots by hand, with the last paper.',
      WAIT,
    ),
    says(
      'through',
      'A patch of another colour',
      'The veneer or the film is through there.',
      found('sandedThrough'),
    ),
    says('fur', 'Fur: fibres stand up', 'Let it dry, then cut them.', found('furred')),
  ]),
  row('poresClean', 'Are the pores free of dust?', 'spot', [
    says('clean', 'Clean', 'Coat it before dust settles again.', ON),
    says('dusty', 'White or grey in the pores', 'Vacuum with a brush, wipe once more.', WAIT),
  ]),
  row(
    'noBleed',
    'Does any place turn yellow, pink or brown?',
    'spot',
    [
      says('white', 'No, it stays even', 'Go on. Look again tomorrow: it can come late.', ON),
      says(
        'tint',
        'Yes, a tint comes through',
        'Let it dry fully. More paint does not cure it.',
        found('bleed'),
      ),
      says('knots', 'Rings over knots', 'Shellac over every knot.', found('knots')),
      says('mark', 'An old water mark', 'The blocker does not hide it.', found('waterMark')),
    ],
    true,
  ),
  row(
    'filmLooks',
    'How does the coat look in raking light?',
    'film',
    [
      says('even', 'Even', 'Leave it alone to dry.', ON),
      says('nibs', 'Nibs, fine dust', 'They come off with P320 once it is dry.', ON),
      says(
        'peel',
        'Like orange peel',
        'Level it before the next coat; less paint, or thinner by the label.',
        found('runs'),
      ),
      says('runs', 'Runs, sags, lap marks', 'Hands off until it is hard.', found('runs')),
      says('holidays', 'Missed places', 'Not now: the next coat takes them.', ON),
      says('craters', 'Craters', 'Something greasy lies below.', found('fisheyes')),
      says('haze', 'A white haze', 'Damp is caught in it.', found('blush')),
      says('wrinkles', 'Wrinkles, fine cracks', 'It is soft below. Leave it.', found('wrinkles')),
    ],
    true,
  ),
  row('wetFilm', 'How thick is it on the wet-film comb?', 'comb', [
    says('asPlanned', 'About as planned', 'Go on.', ON),
    says('thin', 'Much thinner', 'Fuller brush; count on one more coat.', ON),
    says('thick', 'Much thicker', 'Lay it off; it dries longer, and may run.', ON),
  ]),
  row('thumbnail', 'Does a thumbnail at an edge leave a mark?', 'thumb', [
    says('no', 'No mark', 'It bears the next step.', ON),
    says(
      'mark',
      'It leaves a mark',
      'Not yet. Warmer, drier, moving air; look again in some hours.',
      WAIT,
    ),
    says('lifts', 'The film lifts', 'It does not hold.', found('primerPeels')),
  ]),
  row('sheenEven', 'Is the sheen even?', 'face', [
    says('even', 'Even', 'Go on.', ON),
    says(
      'dullSpots',
      'Dull patches over filler',
      'Seal those before more colour.',
      found('fillerShows'),
    ),
    says(
      'yellow',
      'It looks yellow',
      'That clear coat does not suit this ground.',
      found('yellowed'),
    ),
  ]),
  row('colourRight', 'Dry, in daylight: is it the colour of the sample?', 'swatch', [
    says('right', 'It is', 'Go on.', ON),
    says('off', 'It is off', 'Decide before a clear coat locks it in.', found('colourOff')),
    says(
      'blotches',
      'Blotchy',
      'While it is fresh, its thinner still lifts it.',
      found('blotches'),
    ),
  ]),
  row('edgeCrisp', 'Did the tape leave a clean edge?', 'tape', [
    says('clean', 'Clean', 'Go on.', ON),
    says('torn', 'It took film along', 'Score the rest before you pull it.', found('tapePulled')),
  ]),
  row('gripsWell', 'How many of 25 squares are gone?', 'tape', [
    says('few', 'None or one', 'It holds.', ON),
    says(
      'some',
      'Up to four',
      'Fair. Record the count on Look; another primer may hold better.',
      ON,
    ),
    says('many', 'Five or more', 'It does not hold.', found('primerPeels')),
  ]),
  row('jointTight', 'Out of the clamps: is the joint tight?', 'face', [
    says('tight', 'Tight, and square', 'Go on.', ON),
    says(
      'open',
      'It opened again',
      'Old glue or a bad fit: clean it, glue it anew.',
      found('jointOpened'),
    ),
  ]),
  row('runsFreely', 'Does every drawer run in and out by one hand?', 'drawer', [
    says('runs', 'It runs', 'Go on.', ON),
    says('sticks', 'It sticks', 'Find the shiny spot.', found('drawerSticks')),
  ]),
]);
export type CheckId = (typeof CHECKS.ids)[number];
