import { PRACTICE, type SourceMark } from '../source';
import { table } from '../table';
import type { Sketch } from '../inspection';
import type { DiscoveryKind } from './discoveries';

/** What an answer means: go on; not yet, do that and look again; the work comes again; something turned up. */
export type Consequence =
  | { readonly kind: 'goOn' }
  | { readonly kind: 'wait' }
  | { readonly kind: 'again' }
  | { readonly kind: 'discovery'; readonly discovery: DiscoveryKind };

interface CheckAnswer {
  readonly id: string;
  readonly label: string;
  readonly sketch: Sketch;
  /** What to do now. */
  readonly then: string;
  readonly means: Consequence;
}

interface CheckRow<Id extends string = string> {
  readonly id: Id;
  readonly question: string;
  /** Asked while it is done, not afterwards. */
  readonly during: boolean;
  /** It can be answered only when the wait after the work is over: dry, or out of the clamps. */
  readonly afterWait: boolean;
  readonly answers: readonly [CheckAnswer, ...CheckAnswer[]];
  readonly source: SourceMark;
}

const ON: Consequence = { kind: 'goOn' };
const WAIT: Consequence = { kind: 'wait' };
const AGAIN: Consequence = { kind: 'again' };
const found = (discovery: DiscoveryKind): Consequence => ({ kind: 'discovery', discovery });
const says = (
  id: string,
  sketch: Sketch,
  label: string,
  then: string,
  means: Consequence,
): CheckAnswer => ({ id, sketch, label, then, means });

const row = <const Id extends string>(
  id: Id,
  question: string,
  answers: CheckRow['answers'],
  rest: Partial<Pick<CheckRow, 'during' | 'afterWait'>> = {},
): CheckRow<Id> => ({
  id,
  question,
  during: false,
  afterWait: false,
  ...rest,
  answers,
  source: PRACTICE,
});

/** What shows only when it is dry, or out of its clamps. */
const AFTER_WAIT = { afterWait: true } as const;

/** Questions that are answered by looking, while work is done or right after it. */
export const CHECKS = table([
  row('waterClear', 'Is the last wash water clear?', [
    says('clear', 'water-clear', 'Clear', 'Rinse with clear water, wipe dry at once.', ON),
    says('grey', 'water-murky', 'Grey or brown', 'Change the water and wash it once more.', AGAIN),
    says(
      'coloured',
      'rag-brown',
      'Colour of the wood',
      'Stop washing: wood colour is coming out.',
      found('extractives'),
    ),
  ]),
  row('ragClean', 'Does a white rag stay clean?', [
    says('clean', 'rag-clean', 'Clean', 'Go on once it is dry.', ON),
    says('dirt', 'rag-chalky', 'Grey: dirt or dust', 'Once more with a fresh cloth.', AGAIN),
    says(
      'colour',
      'rag-red',
      'Yellow, brown or red',
      'Colour comes out of the wood.',
      found('extractives'),
    ),
  ]),
  row(
    'filmSoft',
    'What is the stripper doing?',
    [
      says(
        'wrinkled',
        'film-wrinkles',
        'Wrinkled, comes off soft',
        'Scrape it off now, with the grain, before it dries.',
        ON,
      ),
      says(
        'gummy',
        'film-gummy',
        'Gummy, not through',
        'Cover it again; look every ten minutes.',
        WAIT,
      ),
      says(
        'dry',
        'film-none',
        'Dried on',
        'Wet it with fresh stripper, cover it with film, wait.',
        WAIT,
      ),
      says(
        'nothing',
        'curl-none',
        'Nothing happens',
        'It may be a cured or factory film.',
        found('wontStrip'),
      ),
    ],
    { during: true },
  ),
  row('allOff', 'Is the old finish off everywhere, the corners too?', [
    says('off', 'wood-pale', 'All off', 'Go on once the wood is dry.', ON),
    says(
      'pores',
      'wood-open',
      'Only colour in pores or carving',
      'The owner decides how much is enough. Go on, or once more there.',
      ON,
    ),
    says('patches', 'old-patches', 'Patches are left', 'One more round on those places.', AGAIN),
    says(
      'paint',
      'old-layers',
      'Another coat of paint below',
      'Stop: nobody knows that layer.',
      found('suspectLayer'),
    ),
  ]),
  row('neutralPh', 'Does the pH strip read near 7?', [
    says('neutral', 'strip-mid', '6 to 8', 'Let the wood dry through.', ON),
    says('alkaline', 'strip-high', 'Over 8', 'Neutralise once more, rinse, read again.', AGAIN),
    says('acid', 'strip-low', 'Under 6', 'Rinse with clear water, read again.', AGAIN),
  ]),
  row('paleEnough', 'Is it as pale all over as it shall be?', [
    says('pale', 'wood-pale', 'Pale all over', 'Rinse, neutralise, and let it dry.', ON),
    says('darker', 'wood-brown', 'Still too dark', 'One more round, over the whole face.', AGAIN),
    says('spot', 'old-spot', 'One spot stays', 'Burnt or ink: it stays.', found('stainStays')),
  ]),
  row('fillFlat', 'Is the filler flush?', [
    says('flush', 'fill-flush', 'Flush: a fingertip finds nothing', 'Go on.', ON),
    says('proud', 'fill-proud', 'Still proud', 'On a block, a little more.', WAIT),
    says(
      'hollow',
      'fill-hollow',
      'Hollow: it shrank',
      'It wants a second fill.',
      found('fillerShrank'),
    ),
  ]),
  row('rakingLight', 'What does raking light show?', [
    says('even', 'look-even', 'Even, all one way', 'Go on.', ON),
    says(
      'scratches',
      'look-scratches',
      'Scratches across, or swirls',
      'The last paper once more, with the grain.',
      WAIT,
    ),
    says(
      'flats',
      'look-flats',
      'Shiny places that no paper reached',
      'Those low spots by hand, with the last paper.',
      WAIT,
    ),
    says(
      'through',
      'look-through',
      'A patch of another colour',
      'The veneer or the film is through there.',
      found('sandedThrough'),
    ),
    says('fur', 'look-fur', 'Fuzz: fibres stand up', 'Let it dry, then cut them.', found('furred')),
  ]),
  row('poresClean', 'Are the pores free of dust?', [
    says('clean', 'wood-open', 'Clean', 'Coat it before dust settles again.', ON),
    says(
      'dusty',
      'look-dust',
      'White or grey in the pores',
      'Vacuum with a brush, wipe once more.',
      WAIT,
    ),
  ]),
  row(
    'noBleed',
    'Does any place turn yellow, pink or brown?',

    [
      says(
        'white',
        'patch-white',
        'No, it stays even',
        'Go on. Look again tomorrow: it can come late.',
        ON,
      ),
      says(
        'tint',
        'patch-yellow',
        'Yes, a tint comes through',
        'Let it dry fully. More paint does not cure it.',
        found('bleed'),
      ),
      says('knots', 'wood-knots', 'Rings over knots', 'Shellac over every knot.', found('knots')),
      says(
        'mark',
        'mark-white-ring',
        'An old water mark',
        'The blocker does not hide it.',
        found('waterMark'),
      ),
    ],
    AFTER_WAIT,
  ),
  row(
    'filmLooks',
    'How does the coat look in raking light?',

    [
      says('even', 'coat-even', 'Even', 'Leave it alone to dry.', ON),
      says('nibs', 'coat-nibs', 'Nibs, fine dust', 'They come off with P320 once it is dry.', ON),
      says(
        'peel',
        'coat-peel',
        'Like orange peel',
        'Level it before the next coat; less paint, or thinner by the label.',
        found('runs'),
      ),
      says(
        'runs',
        'coat-runs',
        'Runs, sags, lap marks',
        'Hands off until it is hard.',
        found('runs'),
      ),
      says('holidays', 'coat-missed', 'Missed places', 'Not now: the next coat takes them.', ON),
      says('craters', 'coat-craters', 'Craters', 'Something greasy lies below.', found('fisheyes')),
      says('haze', 'coat-haze', 'A white haze', 'Damp is caught in it.', found('blush')),
      says(
        'wrinkles',
        'film-wrinkles',
        'Wrinkles, fine cracks',
        'It is soft below. Leave it.',
        found('wrinkles'),
      ),
    ],
    AFTER_WAIT,
  ),
  row(
    'wetFilm',
    'How thick is it on the wet-film comb?',
    [
      says('asPlanned', 'comb-mid', 'About as planned', 'Go on.', ON),
      says('thin', 'comb-thin', 'Much thinner', 'Fuller brush; count on one more coat.', ON),
      says('thick', 'comb-thick', 'Much thicker', 'Lay it off; it dries longer, and may run.', ON),
    ],
    { during: true },
  ),
  row(
    'thumbnail',
    'Does a thumbnail at an edge leave a mark?',
    [
      says('no', 'nail-none', 'No mark', 'It bears the next step.', ON),
      says(
        'mark',
        'nail-mark',
        'It leaves a mark',
        'Not yet. Warmer, drier, moving air; look again in some hours.',
        WAIT,
      ),
      says('lifts', 'tape-torn', 'The film lifts', 'It does not hold.', found('primerPeels')),
    ],
    AFTER_WAIT,
  ),
  row(
    'sheenEven',
    'Is the sheen even?',
    [
      says('even', 'coat-even', 'Even', 'Go on.', ON),
      says(
        'dullSpots',
        'coat-dull',
        'Dull patches over filler',
        'Seal those before more colour.',
        found('fillerShows'),
      ),
      says(
        'yellow',
        'patch-yellow',
        'It looks yellow',
        'That clear coat does not suit this ground.',
        found('yellowed'),
      ),
    ],
    AFTER_WAIT,
  ),
  row(
    'colourRight',
    'Dry, in daylight: is it the colour of the sample?',
    [
      says('right', 'swatch-same', 'It is', 'Go on.', ON),
      says(
        'off',
        'swatch-other',
        'It is off',
        'Decide before a clear coat locks it in.',
        found('colourOff'),
      ),
      says(
        'blotches',
        'swatch-blotchy',
        'Blotchy',
        'While it is fresh, its thinner still lifts it.',
        found('blotches'),
      ),
    ],
    AFTER_WAIT,
  ),
  row('edgeCrisp', 'Did the tape leave a clean edge?', [
    says('clean', 'tape-clean', 'Clean', 'Go on.', ON),
    says(
      'torn',
      'tape-torn',
      'It pulled film off',
      'Score the rest before you pull it.',
      found('tapePulled'),
    ),
  ]),
  row(
    'gripsWell',
    'How many of 25 squares are gone?',
    [
      says('few', 'lattice-whole', 'None or one', 'It holds.', ON),
      says(
        'some',
        'lattice-some',
        'Up to four',
        'Fair. Record the count on Look; another primer may hold better.',
        ON,
      ),
      says('many', 'lattice-many', 'Five or more', 'It does not hold.', found('primerPeels')),
    ],
    AFTER_WAIT,
  ),
  row(
    'jointTight',
    'Out of the clamps: is the joint tight?',
    [
      says('tight', 'joint-tight', 'Tight, and square', 'Go on.', ON),
      says(
        'open',
        'joint-open',
        'It opened again',
        'Old glue or a bad fit: clean it, glue it anew.',
        found('jointOpened'),
      ),
    ],
    AFTER_WAIT,
  ),
  row('runsFreely', 'Does every drawer run in and out with one hand?', [
    says('runs', 'drawer-runs', 'It runs', 'Go on.', ON),
    says('sticks', 'drawer-sticks', 'It sticks', 'Find the shiny spot.', found('drawerSticks')),
  ]),
]);
export type CheckId = (typeof CHECKS.ids)[number];
