import { COATINGS, CROSS_CUT_STEPS, line, type Coating, type Told } from '../../catalog';
import { byCode, byLabel, LEAD_WET } from '../cautions';
import { showDuration, showThickness, type UnitSystem } from '../../units';
import { capital, counted, papers } from '../language';
import { WEAR_WORDS } from '../terms';

/** What every coat is told. */
export const coat = {
  sprayed: (title: string) => `${title}, sprayed`,
  bothSides: 'Backs first; the edges go with the second side. Stand them on points.',
  /** How a coat is sprayed; every other coat crosses the one before. */
  byGun: (nth: number, dilution: string | null): readonly string[] => [
    'Mask floor, wall and all that is not to be coated; respirator on before the first shot.',
    dilution
      ? `Thin it by the label (${dilution}), and no more than that: it should run off the stick in a thread.`
      : 'It goes in as it comes, unless the label says how far it may be thinned.',
    'Air gun: tip 1.3–1.8 mm, 1.4–2 bar (20–29 psi) at the gun, by the label. Airless: a fine-finish tip, the lowest pressure without stripes in the fan.',
    'First a test panel: wet and even is right. Sandy: nearer, slower, or more fluid. Runs: faster, or less fluid.',
    nth % 2 === 1
      ? 'Gun square to the face, a hand and a half away, passes along the length, each half over the last; start and stop beside the face.'
      : 'This coat crosses the one before: passes across the length, each half over the last. Then look under every edge.',
    'Details the gun can’t reach are brushed before the next sprayed coat, never after the last.',
  ],
  knockDown: line(
    'Before the next coat P320, light: it knocks down nibs and dry spray.',
    ['abrades'],
    line('Before the next coat wet-or-dry P320 and a sponge, light: it knocks down nibs.', [
      'rubsWet',
    ]),
  ),
  as: {
    brush:
      'By brush, as you asked: a full one, spread across, laid off along in one light stroke; no going back.',
    roller:
      'By roller, as you asked: microfibre with a short pile, no cheap one that sheds; corners by brush first, then spread, and one light pass all one way.',
  },
  forChild: byLabel(
    'For a child: only coats whose label says toys or nursery furniture (lead under 90 ppm, 16 CFR 1303), and no use before they are hard in full.',
  ),
  noRoller: 'No roller here: it foams this up, or drags it. By brush.',
  window: (minutes: number) =>
    line(
      `Within ${showDuration(minutes)} the next coat bites by itself; after that P320 first, light, and wipe.`,
      ['abrades'],
      line(
        `Within ${showDuration(minutes)} the next coat bites by itself; after that it is dulled wet first, with wet-or-dry P320.`,
        ['rubsWet'],
      ),
    ),
  filmBuild: (
    name: string,
    film: {
      readonly faceUm: number;
      readonly closesUm: number;
      readonly leftUm: number;
      readonly isEased: boolean;
    },
    units: UnitSystem,
  ) =>
    `${name}: all new coats come to about ${showThickness(film.faceUm, units)} on each face and take ${showThickness(film.closesUm, units)} off the gap on that side; ${film.leftUm > 0 ? `${showThickness(film.leftUm, units)} stays` : 'nothing would be left'}${film.isEased ? ', too little: that is why the edges were taken down first' : ', and it runs'}.`,
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
const dusting = (cloth: DustCloth): Told =>
  line(
    cloth === 'tack'
      ? 'Vacuum, then a tack cloth without pressing.'
      : 'Vacuum, then a barely damp microfibre cloth.',
    ['vacuums'],
    'HEPA vacuum, then damp cloths, a fresh one each time; bag them.',
  );

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
  becauseHardened: (grit: number, of: Coating) =>
    `The window for the next coat has closed: P${grit} dulls the ${label(of)}, else the next coat does not bite.`,
  becauseGrain: (grit: number) => `P${grit} takes the filler off the face; only the pores keep it.`,
  how: (grit: number, wet: boolean, next: string, cloth: DustCloth): readonly Told[] => [
    wet
      ? line(`Wet-or-dry P${grit} and a sponge, light; do not cut through to the old paint.`, [
          'rubsWet',
        ])
      : line(`P${grit} by hand, light; do not cut through at edges.`, ['abrades']),
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
  title: (primer: Coating, nth: number, of: number) =>
    `${capital(label(primer))}${of > 1 ? `, coat ${nth} of ${of}` : ''}`,
  wipeOilyWood:
    'Right before it: wipe the face with lacquer thinner or acetone on a clean cloth, once, and coat within the half hour, before more oil comes up. Gloves, open window, no flame.',
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
  bare: {
    title: 'Mask what gets no coat',
    because: 'It stays as it is; paint that runs onto it has to be scraped out of the corners.',
    how: (names: string, group: 'body' | 'drawers'): readonly string[] => [
      `${names}: low-tack tape along the border, pressed down with a fingernail; film or paper as far as drops and mist reach.`,
      ...(group === 'drawers'
        ? [
            'Joints and dovetails that stay wood: tape over the end grain, cut along the line of the joint with a fresh blade.',
          ]
        : []),
      'Pull it back on itself while the last coat next to it is still soft.',
    ],
  },
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
  waterStain: 'Stain, water-based',
  gelStain: 'Stain with gel',
  tintedVarnish: 'Stain and varnish in one',
  tintedOil: 'Tinted oil',
};

export const stain = {
  title: (coating: Coating, shade: string, sealed: boolean, coat: number | null) =>
    [
      `${STAIN_TITLES[coating] ?? 'Stain'}${sealed ? ' over the sealed face' : ''}`,
      ...(coating === 'conditioner' ? [] : [shade]),
      ...(coat === null ? [] : [`coat ${coat}`]),
    ].join(', '),
  becauseSealed: 'the face is sealed against old dye, and only gel takes over a sealed face.',
  becauseBlotches: (wood: string) => `${wood} takes stain in blotches; conditioner evens it out.`,
  becauseOpen: 'stain goes into open wood, before any film.',
  becauseGel:
    'gel lies on the wood rather than in it, so that it takes evenly where others blotch.',
  becauseInOne: 'colour and finish go on together, and every coat makes it deeper.',
  tryFirst:
    'On the piece itself, where it is hardly seen: one part stain to three of its thinner, wiped off at once. It shows the tone, and a fresh cloth with the thinner takes it back.',
} as const;

export const sealStain = {
  title: 'Seal the stain with a thin washcoat',
  because: (under: 'filler' | 'toner') =>
    under === 'filler'
      ? 'filler rubbed across the grain drags open stain out with it.'
      : 'toner would melt into open stain, and could not be wiped off again.',
} as const;

export const tone = {
  title: 'Even out pale places with toner',
  because: 'one tone all over; in the stain itself it could not be brought in any more.',
} as const;

export const decorate = {
  because: 'it lies on the finished, dry coat; it is waxy, and nothing sticks over it.',
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
  ifRough: line(
    'Rough to the hand? P320, light, dust off; else straight on.',
    ['abrades'],
    line('Rough to the hand? Wet-or-dry P320, damp, light, wipe; else straight on.', ['rubsWet']),
  ),
  look: 'Look at the piece from a distance and along a raking light before going on.',
} as const;

export const effect = {
  becauseWash: 'a thin wash lets the grain show through its colour.',
  becauseWashStained:
    'a thin wash lets the grain show through its colour; stain wiped over it brings the tone of wood back.',
  stainOver: (shade: string) => `Wipe gel stain over the wash, ${shade}`,
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
  ): readonly Told[] => [
    DISTRESS_PLACES[where],
    line(
      `P${grits[0]} to break through, P${grits.at(-1)} to soften. Stop early: paint is easier taken off than put back.`,
      ['abrades'],
    ),
    dusting(cloth),
  ],
} as const;

export const topcoat = {
  title: (coating: Coating, sheen: string | null, nth: number) =>
    `${capital(label(coating))}${sheen === null ? '' : `, ${sheen}`}, coat ${nth}`,
  becauseWear: (wear: keyof typeof WEAR_WORDS, coats: number) =>
    `${WEAR_WORDS[wear]}, so ${counted(coats, 'coat')}.`,
  becauseRenewed: (coats: number) =>
    `the sound old clear coat stays below and counts, so ${counted(coats, 'coat')}.`,
  becauseWiped: 'two rounds, each wiped or buffed off.',
  raisesGrain: line(
    'Water raises the grain of wood: this first coat will feel rough. When it is dry, P400 by hand, two strokes along the grain, wipe; after that it stays down.',
    ['abrades'],
    line(
      'Water raises the grain of wood: this first coat will feel rough. When it is dry, wet-or-dry P400, damp, two strokes along the grain, wipe; after that it stays down.',
      ['rubsWet'],
    ),
  ),
  ifRough: line(
    'Rough to the hand? P400, light, dust off; else straight on.',
    ['abrades'],
    line('Rough to the hand? Wet-or-dry P400, damp, light, wipe; else straight on.', ['rubsWet']),
  ),
} as const;

export const touchIn = {
  title: 'Touch in the mended places',
  because: (finish: string) =>
    `${finish} stays as a whole; only where it was mended are colour and film made good.`,
  how: (paint: boolean, bearsAlcohol: boolean, wet: boolean): readonly Told[] => [
    wet
      ? line(
          'Wet-or-dry P320 and a sponge round the place, feathered a finger’s breadth out; wipe the slurry up, bag the wipes.',
          ['rubsWet'],
        )
      : line('P320 by hand round the place, feathered a finger’s breadth out; wipe.', ['abrades']),
    paint
      ? 'Mix the colour on a card in daylight, let a dab dry, compare: wet paint lies. Small brush, almost dry, dabbed rather than stroked; two thin layers.'
      : 'Grain first with a fine brush, line by line, then the tone between with thinned colour; a shade lighter than it shall be.',
    paint || !bearsAlcohol
      ? 'A thin coat of the clear that lies round it, over the place only, faded out with an almost dry brush.'
      : 'Two thin coats of dewaxed shellac over the place, then the clear that lies round it, faded out.',
    line(
      'Tomorrow: the sheen is evened with fine steel wool and a little wax, or a drop of matt clear. Look from a step back, not from a hand away.',
      ['steelWool'],
      line(
        'Tomorrow: the sheen is evened with the finest nylon pad and a little wax, or a drop of matt clear. Look from a step back, not from a hand away.',
        ['rubsWet'],
      ),
    ),
  ],
} as const;

export const freshen = {
  title: 'Freshen up',
  because: 'clean and sweet-smelling, no new coat.',
  how: (bearsAlcohol: boolean): readonly Told[] => [
    bearsAlcohol
      ? line('Wipe with alcohol and water half and half, leave open to dry, window open.', [
          'alcohol',
        ])
      : 'Wipe with a cloth damp with water and a drop of soap, then clear water; dry at once. No alcohol: the film in there may be shellac.',
    'Odour: open bowls of baking soda or charcoal for some days; if it stays, clear shellac.',
    'Raw wood: a thin coat of wax, buffed. Line with paper, with snips at the curves.',
  ],
} as const;

export const handOver = {
  title: 'Give the owner the care sheet',
  because: (days: number) =>
    `hard after ${counted(days, 'day')}; what lies under it is worth gold to whoever strips it next.`,
  how: [
    line(
      'Vacuum in and out.',
      ['vacuums'],
      'Wipe it damp in and out, or vacuum it with a HEPA filter; no other vacuum.',
    ),
    'Look it over in a raking light.',
    'Until it is hard: nothing hot, wet, heavy or rubbery on it, no cleaner but a damp cloth.',
    'Say what was tested for lead, where and how deep; say what was not tested.',
    'Leave a copy under a drawer or on the back.',
  ],
  cautions: [
    byCode('No test makes a piece free of lead for certain: say what was found and where.'),
  ],
} as const;
