import { COATINGS, CROSS_CUT_STEPS, type Coating } from '../../catalog';
import { byCode, LEAD_WET } from '../cautions';
import { capital, counted, papers } from '../language';
import { WEAR_WORDS } from '../terms';

/** What every coat is told. */
export const coat = {
  sprayed: (title: string) => `${title}, sprayed`,
  bothSides: 'Backs first; the edges go with the second side. Stand them on points.',
  byGun: [
    'Mask what is not to be coated, floor and wall too.',
    'First pass one way, the second across; then look under every edge.',
    'What the gun can’t reach is brushed between sprayed coats, never after the last.',
    'Dry, P320 light: it knocks down nibs and dry spray.',
  ],
  cleanTools: (cleaner: string) => `Clean tools with ${cleaner}.`,
  /** Which of body and top is coated first, where one session coats both. */
  facesFirst: {
    bodyFirst: 'Body first, the face on top last: nothing drips on it.',
    topFirst: 'The face on top first: it gets the longest time to harden.',
  },
} as const;

const label = (id: Coating): string => COATINGS.get(id).label;

type DustCloth = 'damp' | 'tack';

/** The last wipe before a coat, by the shop's school. */
const dusting = (cloth: DustCloth): string =>
  cloth === 'tack'
    ? 'Vacuum, then a tack cloth without pressing.'
    : 'Vacuum, then a barely damp microfibre cloth.';

/** Dulling a coat for the next one. */
export const dull = {
  title: (grit: number, wet: boolean) =>
    wet ? `Dull wet with P${grit}, wipe` : `Dull with P${grit}, dedust`,
  because: (grit: number, under: Coating, over: Coating | null): string =>
    over === null
      ? `P${grit} dulls the ${label(under)} so that the next coat grips.`
      : over === under
        ? dull.becauseSmooth(grit, under)
        : `P${grit} dulls the ${label(under)} so that the ${label(over)} grips.`,
  becauseOfOtherCoats: (grit: number) =>
    `what was laid before stays below: P${grit} dulls it so that the new coats grip.`,
  becauseSmooth: (grit: number, of: Coating) =>
    `P${grit} takes the nibs off the ${label(of)}, and the next coat lies smoother.`,
  becauseGrain: (grit: number) => `P${grit} takes the filler off the face; only the pores keep it.`,
  how: (grit: number, wet: boolean, next: string, cloth: DustCloth): readonly string[] => [
    wet
      ? `Wet-or-dry P${grit} and a sponge, light; do not cut through to the old paint.`
      : `P${grit} by hand, light; do not cut through at edges.`,
    wet ? 'Wipe the slurry up, bag the wipes, let it dry.' : dusting(cloth),
    next,
  ],
  readyFor: {
    colour: 'Ready for colour.',
    coat: 'Ready for the next coat.',
    clear: 'Ready for the clear coat.',
    grain: 'Only the pores keep filler.',
  },
  cautions: [LEAD_WET],
} as const;

export const prime = {
  check: 'Does any place turn yellow, pink or brown?',
  title: (primer: Coating, nth: number, of: number) =>
    `${capital(label(primer))}${of > 1 ? `, coat ${nth} of ${of}` : ''}`,
  tinted: {
    grey: 'Have it tinted grey: it saves coats of the colour.',
    toned:
      'Have it tinted towards the colour, as deep as it goes: it saves coats, and a chip later shows no light primer.',
  },
  notWaterborne: {
    label: 'waterborne primer',
    because: 'water draws the bleed out, and it comes through coat after coat',
  },
  notDarker: {
    label: 'a darker colour',
    because:
      'it would hide what comes through and spare the blocker; change the aim if you like it',
  },
} as const;

export const fillGrain = {
  title: 'Fill the grain',
  becausePaint: (wood: string) => `${wood}; its pores show through paint unless they are filled.`,
  becauseClear: (wood: string) =>
    `${wood}; a smooth clear coat wants its pores filled, after the stain.`,
} as const;

export const testPatch = {
  title: 'Set a test patch and cross-cut it',
  because: (what: string) =>
    `${what} sheds paint; a patch the size of a hand tells before the whole face is coated.`,
  how: [
    'On the scuffed face, where it will not be seen: primer, and paint once that is dry.',
    'After four hours for a hint, two weeks for an answer: cut it both ways, tape on, pull.',
    ...CROSS_CUT_STEPS,
    'Record on Look how many of 25 squares are gone.',
  ],
  question: 'How many of 25 squares are gone?',
  answers: {
    bondHolds: ['None or one', 'It holds: prime the whole face.'],
    bondFair: ['Two or three', 'Fair: the whole face is scuffed twice before it is primed.'],
    bondFails: ['More', 'It will peel: another primer, or new veneer.'],
  },
} as const;

export const maskBorder = {
  before: {
    title: 'Mask the border, before the other coats',
    because: 'It gets another coat than its neighbours, which are coated first.',
    how: [
      'Low-tack tape along the border, pressed down with a fingernail; film or paper over the rest.',
      'Dedusted face only: tape on dust lets paint creep under.',
      'Pull it back on itself while the last coat next to it is still soft.',
    ],
  },
  harden: {
    title: 'Let it harden before tape goes on',
    because: 'It is done, and its neighbours get another coat; tape on soft film takes it along.',
    how: ['Press a thumbnail in where it is not seen: no mark, and tape may sit on it.'],
  },
  onFilm: {
    title: 'Mask the border, on the hard film',
    because: 'It is done, and its neighbours get another coat, which must not run onto it.',
    how: [
      'Low-tack tape along the border, no longer than the other coats take.',
      'Pull it back on itself while the coat next to it is still soft.',
    ],
  },
} as const;

export const caulk = {
  title: 'Caulk the gaps at the joints',
  because: 'an open joint shows as a black line in paint; caulk holds on primer, not on bare wood.',
} as const;

const STAIN_TITLES: Readonly<Partial<Record<Coating, string>>> = {
  conditioner: 'Condition the wood',
  gelStain: 'Stain with gel over the sealed face',
};

export const stain = {
  title: (coating: Coating, shade: string) =>
    `${STAIN_TITLES[coating] ?? 'Stain'}${coating === 'conditioner' ? '' : `, ${shade}`}`,
  becauseSealed: 'the face is sealed against old dye, and only gel takes over a sealed face.',
  becauseBlotches: (wood: string) => `${wood} takes stain in blotches; conditioner evens it out.`,
  becauseOpen: 'stain goes into open wood, before any film.',
} as const;

export const paint = {
  title: (coating: Coating, colour: string, nth: number) =>
    `${capital(label(coating))}, ${colour}, coat ${nth}`,
  because: (coats: number, below: string, neverCovers: boolean) =>
    `${counted(coats, 'coat')} until ${below} makes no difference to the eye${neverCovers ? ', and even then it shows a little' : ''}.`,
  primer: (tint: 'white' | 'grey' | 'toned') =>
    tint === 'toned' ? 'primer in the tone of the colour' : `${tint} primer`,
  whatLiesBelow: 'what lies below',
  first: 'Brush marks and thin spots are normal after the first coat.',
  ifRough: 'Rough to the hand? P320, light, dust off; else straight on.',
  look: 'Look at the piece from a distance and along a raking light before going on.',
} as const;

export const effect = {
  becauseWash: 'a thin wash lets the grain show through its colour.',
  because: 'the effect lies on the finished, dry colour.',
} as const;

const DISTRESS_PLACES = {
  edges: 'Edges, corners, round the pulls, along the foot; not the flat of the face.',
  edgesAndFields:
    'Edges, corners, round the pulls, along the foot; then a few places on the flat, where a hand or a chair would rub.',
} as const;

export const distress = {
  title: (grits: readonly number[]) => `Rub through, ${papers(grits)}`,
  because: 'wear looks true where hands, feet and doors would rub.',
  how: (
    where: keyof typeof DISTRESS_PLACES,
    grits: readonly number[],
    cloth: DustCloth,
  ): readonly string[] => [
    DISTRESS_PLACES[where],
    `P${grits[0]} to break through, P${grits.at(-1)} to soften. Stop early: paint is easier taken off than put back.`,
    dusting(cloth),
  ],
} as const;

export const topcoat = {
  title: (coating: Coating, sheen: string | null, nth: number) =>
    `${capital(label(coating))}${sheen === null ? '' : `, ${sheen}`}, coat ${nth}`,
  becauseWear: (wear: keyof typeof WEAR_WORDS, coats: number) =>
    `${WEAR_WORDS[wear]}, so ${counted(coats, 'coat')}.`,
  becauseWiped: 'two rounds, each wiped or buffed off.',
  raisesGrain:
    'Water raises the grain of wood: this first coat will feel rough. When it is dry, P400 by hand, two strokes along the grain, wipe; after that it stays down.',
  ifRough: 'Rough to the hand? P400, light, dust off; else straight on.',
} as const;

export const freshen = {
  title: 'Freshen up inside',
  because: 'clean and sweet-smelling, no new coat.',
  how: (bearsAlcohol: boolean): readonly string[] => [
    bearsAlcohol
      ? 'Wipe with alcohol and water half and half, leave open to dry.'
      : 'Wipe with a cloth damp with water and a drop of soap, then clear water; dry at once. No alcohol: the film in there may be shellac.',
    'Odour: open bowls of baking soda or charcoal for some days; if it stays, clear shellac.',
    'Raw wood: a thin coat of wax, buffed. Line with paper, with snips at the curves.',
  ],
} as const;

export const handOver = {
  title: 'Hand over with the care sheet',
  because: (days: number) =>
    `hard after ${days} days; what lies under it is worth gold to whoever strips it next.`,
  how: [
    'Vacuum in and out; look it over in a raking light.',
    'Until it is hard: nothing hot, wet, heavy or rubbery on it, no cleaner but a damp cloth.',
    'Say what was tested for lead, where and how deep; say what was not tested.',
    'Leave a copy under a drawer or on the back.',
  ],
  cautions: [
    byCode('No test makes a piece free of lead for certain: say what was found and where.'),
  ],
} as const;
