import { line } from './line';
import { use } from './rates';
import {
  epoxyPutty,
  glazingPutty,
  glueCrack,
  glueDovetail,
  glueHandle,
  glueJoint,
  gluePlies,
  glueVeneer,
  guideStrips,
  ironBand,
  levelRunner,
  newBack,
  ringOut,
  stainableFill,
  steamDent,
  twoPartFill,
  veneerPatch,
  washSilicone,
  waxStick,
  woodPatch,
  type Repair,
} from './repairs';
import { SANDED_OUT_MM } from './limits';
import { PRACTICE, type SourceMark } from './source';
import { table } from './table';

/** What a damage means to the work: rules ask for these, never for a damage by its name. */
export type DamageSign =
  /** Smells through a coat. */
  | 'smells'
  /** The smell goes by airing. */
  | 'airsOut'
  | 'mouldy'
  | 'infested'
  | 'gummed'
  /** Cement or plaster sticks to it: its dust harms the lungs. */
  | 'cemented'
  | 'greasy'
  /** Paint that a scraper takes off. */
  | 'comesOffLoose'
  | 'peels'
  | 'opensAtJoint'
  /** The part itself is mended or made anew, whatever it shall become. */
  | 'needsNewPart'
  | 'weepsDye'
  | 'ironStained'
  /** Silicone: a coat draws back from it. */
  | 'craters'
  | 'catches'
  | 'carved'
  | 'scratched'
  | 'veneerLifts'
  | 'veneerMissing';

interface DamageRow<Id extends string = string> {
  readonly id: Id;
  readonly label: string;
  /** How bad one of them usually is: 1 slight, 2 serious, 3 grave. */
  readonly severity: 1 | 2 | 3;
  /** Repair where paint will cover it; absent: none needed. */
  readonly underPaint?: Repair;
  /** Repair where wood will be seen; absent: none needed. */
  readonly underClear?: Repair;
  /** Repair where a clear finish stays and is only touched in. */
  readonly inSpots?: Repair;
  /** Where nothing is done about it by itself: why not, under paint, once stripped, or under clear. */
  readonly accepted?: {
    readonly underPaint?: string;
    readonly stripped?: string;
    readonly underClear?: string;
    readonly underVeneer?: string;
    /** Under paint, where the face was found to have no film. */
    readonly noFilm?: string;
  };
  readonly signs?: readonly DamageSign[];
  /** Mended whatever the face shall become. */
  readonly whateverTheAim?: boolean;
  /** It reaches the wood, or spoils the film as a whole: no coat over the old film would help. */
  readonly pastRenewing?: boolean;
  readonly source: SourceMark;
}
const NO_FILM = 'the face has no film by what is known: what is left of one goes when it is sanded';
const UNDER_VENEER = 'the new sheet lies over it, once the ground is flat and sound';

const glueFoil: Repair = {
  ...ironBand,
  id: 'glue-foil',
  title: 'Iron the foil down, or cement it',
};

const row = <const Id extends string>(it: Omit<DamageRow<Id>, 'source'>): DamageRow<Id> => ({
  ...it,
  source: PRACTICE,
});

/** Damage and peculiarities met on furniture, and how each is mended. */
export const DAMAGES = table([
  row({
    id: 'dent',
    pastRenewing: true,
    severity: 1,
    label: 'Dent',
    underPaint: twoPartFill,
    underClear: steamDent,
  }),
  row({
    id: 'scratch',
    signs: ['scratched'],
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'the papers take it out',
      underClear:
        'shallow: the new coat fills it in part; deeper than the film it stays to be seen',
    },
    inSpots: waxStick,
    severity: 1,
    label: 'Scratch or nick',
    underPaint: glazingPutty,
    underClear: { ...stainableFill, id: 'fill-scratch', deeperThanMm: SANDED_OUT_MM.value },
  }),
  row({
    id: 'gouge',
    inSpots: waxStick,
    pastRenewing: true,
    severity: 2,
    label: 'Gouge, chip or hole',
    underPaint: twoPartFill,
    underClear: stainableFill,
  }),
  row({
    id: 'missingEdge',
    pastRenewing: true,
    severity: 2,
    label: 'Missing edge or moulding',
    underPaint: epoxyPutty,
    underClear: woodPatch,
  }),
  row({
    id: 'crack',
    pastRenewing: true,
    severity: 2,
    label: 'Open crack or split',
    underPaint: glueCrack,
    underClear: glueCrack,
  }),
  row({
    id: 'liftingVeneer',
    signs: ['veneerLifts'],
    severity: 2,
    label: 'Lifting veneer',
    underPaint: glueVeneer,
    underClear: glueVeneer,
  }),
  row({
    id: 'missingVeneer',
    signs: ['veneerMissing'],
    pastRenewing: true,
    severity: 2,
    label: 'Missing veneer',
    underPaint: { ...twoPartFill, bySize: 'sheet' },
    underClear: veneerPatch,
  }),
  row({
    id: 'looseJoint',
    severity: 2,
    label: 'Loose joint',
    underPaint: glueJoint,
    underClear: glueJoint,
  }),
  row({
    id: 'splitBack',
    signs: ['needsNewPart'],
    severity: 2,
    label: 'Split or warped back',
    whateverTheAim: true,
    underPaint: newBack,
    underClear: newBack,
  }),
  row({
    id: 'whiteRing',
    accepted: {
      underVeneer: UNDER_VENEER,
      underPaint: 'it is in the old film; dulled with it, paint covers it',
      stripped: 'it is in the old film, and goes with it',
    },
    severity: 1,
    label: 'White ring (in the film)',
    underClear: ringOut,
  }),
  row({
    id: 'darkRing',
    signs: ['ironStained'],
    accepted: {
      underVeneer: UNDER_VENEER,
      underPaint: 'it stays in the wood; the shellac blocker shuts it in',
    },
    pastRenewing: true,
    severity: 2,
    label: 'Dark ring, ink or iron stain',
    underClear: {
      id: 'oxalic-acid',
      title: 'Bleach the dark stain with oxalic acid',
      shows: 0.35,
      uses: [use('oxalicAcid', 0.05, 'cleans'), use('neutraliser', 0.05, 'cleans')],
      steps: [
        'Bare wood. Dissolve the crystals in hot water by their label, in glass or plastic; goggles on before the lid is off.',
        line(
          'Brush it sparingly over the whole face, not only the stain, or a pale spot stays; on a thin face wipe it on damp, never flooded. Watch it for half an hour; once more where it is still dark.',
          ['oxalic'],
        ),
        line(
          'Rinse with clear water three times, then soda water to neutralise, then clear again; dry at once, then overnight.',
          ['water'],
          'Wipe it off with well-wrung cloths and clear water three times, then with soda water to neutralise, then clear again; never flood it. Dry at once, then overnight.',
        ),
        'White bloom tomorrow is crystal: wash again, wet. Never sand it. Still dark after two rounds: burnt or ink; it stays, or the face is painted.',
      ],
      minutes: 25,
      waitMinutes: 720,
      until: 'dryOvernight',
      caution: 'Poison. Gloves and goggles; dry crystals must never become dust.',
    },
  }),
  row({
    id: 'smallHole',
    inSpots: waxStick,
    pastRenewing: true,
    severity: 1,
    label: 'Screw or nail hole',
    underPaint: twoPartFill,
    underClear: stainableFill,
  }),
  row({
    id: 'delaminated',
    severity: 2,
    label: 'Delaminated plywood',
    underPaint: gluePlies,
    underClear: gluePlies,
  }),
  row({
    id: 'brokenDovetail',
    severity: 2,
    label: 'Broken dovetail',
    underPaint: glueDovetail,
    underClear: glueDovetail,
  }),
  row({
    id: 'jointGap',
    signs: ['opensAtJoint'],
    accepted: { underVeneer: UNDER_VENEER },
    severity: 1,
    label: 'Gap at a joint',
  }),
  row({
    id: 'catchingDrawer',
    signs: ['catches'],
    severity: 1,
    label: 'Drawer that catches',
    underPaint: levelRunner,
    underClear: levelRunner,
  }),
  row({
    id: 'burn',
    pastRenewing: true,
    severity: 2,
    label: 'Burn',
    underPaint: twoPartFill,
    underClear: {
      ...stainableFill,
      id: 'scrape-burn',
      title: 'Scrape the char out and fill',
      steps: [
        line(
          'Scrape with a rounded blade, along the grain, until the wood is brown and no longer black; feather it out wide. A shallow dish sands in.',
          ['scrapes'],
          line(
            'Mist it and scrape with a rounded blade, kept wet, along the grain, until the wood is brown and no longer black; feather it out wide. Wipe the slurry up.',
            ['scrapesWet'],
          ),
        ),
        ...stainableFill.steps,
      ],
    },
  }),
  row({
    id: 'swollenBoard',
    pastRenewing: true,
    severity: 3,
    label: 'Swollen board',
    underPaint: {
      ...twoPartFill,
      id: 'plane-swelling',
      title: 'Cut the swelling back and fill',
      steps: [
        'Let it dry through first.',
        line(
          'Cut the swelling back with a block plane or P80 on a block, a little below the face.',
          ['cuts', 'abrades'],
          line(
            'Take the swelling back with wet-or-dry paper on a block, barely wet, a little below the face; wipe at once, board drinks.',
            ['rubsWet'],
          ),
        ),
        'Seal the cut with thin glue or hardener, so that it drinks no more.',
        ...twoPartFill.steps,
      ],
    },
  }),
  row({
    id: 'liftingFoil',
    severity: 2,
    label: 'Lifting foil or edge band',
    underPaint: glueFoil,
    underClear: glueFoil,
  }),
  row({
    id: 'openGrain',
    accepted: {
      underVeneer: UNDER_VENEER,
      underClear: 'pores stay open, as asked for; filled is a choice of the aim',
      stripped: 'pores stay open, as asked for; filled is a choice of the aim',
    },
    severity: 1,
    label: 'Open grain that will show',
    underPaint: {
      id: 'grain-filler',
      title: 'Fill the grain',
      uses: [use('grainFiller', 0.02, 'fills')],
      steps: [
        'Rub it across the grain with a stiff card, until every pore is full.',
        'Wipe the face clean across the grain with a stiff card and coarse cloth. Dry by its label.',
        line(
          'P220 to P320 on a block, along the grain, until only the pores hold filler.',
          ['abrades'],
          line(
            'Wet-or-dry P320 and a sponge, along the grain, until only the pores hold filler; wipe the slurry up.',
            ['rubsWet'],
          ),
        ),
      ],
      minutes: 10,
      waitMinutes: 60,
      until: 'sandsToPowder',
    },
  }),
  row({ id: 'carving', signs: ['carved'], severity: 1, label: 'Carving, turning, deep mouldings' }),
  row({
    id: 'peeling',
    signs: ['comesOffLoose', 'peels'],
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'it comes off with the rest',
      noFilm: NO_FILM,
    },
    pastRenewing: true,
    severity: 2,
    label: 'Peeling or cracked paint',
  }),
  row({
    id: 'runs',
    signs: ['comesOffLoose'],
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'they come off with the rest',
      noFilm: NO_FILM,
    },
    pastRenewing: true,
    severity: 1,
    label: 'Runs and globs',
  }),
  row({ id: 'grime', signs: ['greasy'], severity: 1, label: 'Grease, hairspray, kitchen film' }),
  row({ id: 'residue', signs: ['gummed'], severity: 1, label: 'Sticker, tape or felt residue' }),
  row({
    id: 'cementResidue',
    signs: ['cemented'],
    severity: 2,
    label: 'Tile, cement or plaster stuck on',
  }),
  row({
    id: 'weepsColour',
    signs: ['weepsDye'],
    pastRenewing: true,
    severity: 2,
    label: 'Colour comes out on the rag',
  }),
  row({ id: 'odour', signs: ['smells', 'airsOut'], severity: 2, label: 'Smoke or pet odour' }),
  row({
    id: 'silicone',
    signs: ['craters'],
    severity: 2,
    label: 'Craters in the old film (silicone polish)',
    underPaint: washSilicone,
    underClear: washSilicone,
  }),
  row({
    id: 'fuzz',
    accepted: {
      underVeneer: UNDER_VENEER,
      stripped: 'it goes with the film',
      underClear: 'dulling takes off what stands up; what lies deeper stays',
    },
    severity: 1,
    label: 'Fuzz, hair or grit in the film',
    underPaint: {
      id: 'sand-fuzz-out',
      title: 'Sand the fuzz out',
      uses: [use('paper220', 0.1, 'abrades')],
      steps: [
        line(
          'P220 on a block until each fibre is cut off; pick out what is left with a blade.',
          ['abrades'],
          line(
            'Wet-or-dry P220 on a block, wet, until each fibre is cut off; wipe the slurry up.',
            ['rubsWet'],
          ),
        ),
        'Feel with a fingertip: nothing catches.',
      ],
      minutes: 2,
      waitMinutes: 0,
      until: 'dry',
    },
  }),
  row({
    id: 'yellowedClear',
    accepted: {
      underVeneer: UNDER_VENEER,
      underPaint: 'dulled like the rest, and covered',
      stripped: 'it goes with the film',
    },
    pastRenewing: true,
    severity: 1,
    label: 'Yellowed clear coat',
  }),
  row({
    id: 'liftingEdgeBand',
    severity: 1,
    label: 'Lifting edge band',
    underPaint: ironBand,
    underClear: ironBand,
  }),
  row({
    id: 'crumblingBoard',
    severity: 3,
    label: 'Crumbling board or rotten corner',
    underPaint: {
      ...twoPartFill,
      id: 'harden-board',
      title: 'Harden the crumbling board, then fill',
      minutes: 25,
      steps: [
        line(
          'Cut back to what holds.',
          ['cuts'],
          line('Mist it, and cut back to what holds with a sharp knife; bag what comes off.', [
            'cutsWet',
          ]),
        ),
        'Soak with thin wood hardener by its label, until it takes no more; hard overnight.',
        ...twoPartFill.steps,
      ],
      waitMinutes: 12 * 60,
      until: 'overnight',
    },
  }),
  row({
    id: 'brokenHandle',
    severity: 1,
    label: 'Broken wooden handle',
    underPaint: glueHandle,
    underClear: glueHandle,
  }),
  row({
    id: 'drawerPlay',
    severity: 1,
    label: 'Drawer that rattles from side to side',
    underPaint: guideStrips,
    underClear: guideStrips,
  }),
  row({ id: 'mould', signs: ['mouldy', 'smells'], severity: 3, label: 'Mould' }),
  row({ id: 'insects', signs: ['infested'], severity: 3, label: 'Live insects or fresh dust' }),
]);
export type Damage = (typeof DAMAGES.ids)[number];
