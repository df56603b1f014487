import { aChance, capital } from './language';

/** Why a primer, a topcoat or a ladder is as it is, in words. */

const BLEED_WORDS = {
  tannin: 'tannin',
  resin: 'resin',
  dye: 'old dye',
  stain: 'an old stain',
} as const;

export const primer = {
  odour: 'Odour comes back through water-based primer; shellac shuts it in.',
  silicone: 'Silicone pulls a wet coat open into craters; over it only shellac lies closed.',
  shopsBlocker: (chance: number) =>
    `${capital(aChance(chance))} that it bleeds through a light colour; the blocker of this shop holds as much as is to be feared here.`,
  knots: 'Knots bleed for months: only shellac holds them.',
  bleed: (
    kinds: readonly (keyof typeof BLEED_WORDS)[],
    worst: keyof typeof BLEED_WORDS,
    chance: number,
  ) =>
    `${capital(aChance(chance))} that ${(kinds.length > 0 ? kinds : [worst]).map((it) => BLEED_WORDS[it]).join(' or ')} comes through a light colour, and more paint does not cure that. Shellac holds it.`,
  slick: (chance: number) =>
    chance > 0.9
      ? 'A glossy face sheds paint: scuff once, then a primer that grips.'
      : `${capital(aChance(chance))} of a factory film, off which paint peels: a primer that grips costs little more than a plain one.`,
  powdery: 'Old paint that may powder sheds what lies on it: a primer that binds and grips.',
  board: 'Bare board drinks paint, edges most.',
  bareWood: 'Bare wood that does not bleed: one coat evens the suction.',
  soundFilm: 'A sound film that does not bleed: a plain primer is enough.',
  wash: 'A wash is mostly water and draws the bleed out; clear shellac holds it.',
  oily: 'The oil in this wood keeps clear coats from drying and holding; dewaxed shellac shuts it in.',
  oldFilm: (chance: number) =>
    `${chance > 0.9 ? 'Wax or waxy shellac is' : `${capital(aChance(chance))} that wax or waxy shellac is`} in the old film, off which the next film lets go; one coat of dewaxed shellac sticks to both.`,
  dye: 'Old dye would run into the clear coat; clear shellac holds it and lets the wood show.',
} as const;

export const topcoatChoice = {
  yellows: {
    because:
      'Oil-based clear yellows: over white or pale paint the whole piece turns yellow, and only stripping or repainting mends it.',
    waysOut: ['Take a waterborne clear instead.', 'Take a mid or dark colour.'],
  },
  wantsOpenWood: {
    waysOut: ['Take a waterborne clear instead.', 'Leave the wood bare or stained below it.'],
  },
  lifts: {
    waysOut: ['Take a waterborne clear instead.', 'Seal it with dewaxed shellac on a patch first.'],
  },
  freshOil: {
    waysOut: ['Take more of the same oil, or wax.', 'Take an oil-based clear over it.'],
  },
  waxIsLast: {
    because: 'Nothing sticks over wax later, and it takes about 30 days to harden.',
    waysOut: ['Take a waterborne clear where it will be touched a lot.'],
  },
} as const;

export const ladderChoice = {
  startsAt: (grit: number, defectUm: number) =>
    `Starts at P${grit}: the deepest mark is about ${Math.round(defectUm)} µm.`,
  stopsAt: (grit: number) => `Stops at P${grit}: what the next coat wants.`,
  keeps: (keepUm: number) => `Keeps ${keepUm} µm of veneer above the glue, edges by hand.`,
  leastWork:
    'Of the ladders that fit, the one with the least work, the chance of sanding through counted in.',
  onLead: {
    found: 'Lead was found here: no dry sanding.',
    open: 'This paint may hold lead: no dry sanding until each layer has a result.',
    waysOut: [
      'Record a lead result for each layer.',
      'Leave it and seal it under a sound coat.',
      'Take it off wet or with gel, waste contained.',
      'Hand it to a certified firm.',
    ],
  },
  tooThin: {
    because: (veneerUm: number, keepUm: number, grit: number) =>
      `About ${(veneerUm / 1000).toFixed(2)} mm of veneer, ${keepUm / 1000} mm has to stay: no ladder to P${grit} fits in what is left.`,
    waysOut: [
      'Measure the veneer at a hinge hole: it may be thicker than assumed.',
      'Strip with gel and stop at a light hand pass.',
      'Paint it: a scuff takes next to nothing.',
      'Lay new veneer.',
    ],
  },
  noRung: {
    because: (coarsest: number, target: number) =>
      `No paper between P${coarsest} and P${target}: the coarsest allowed is finer than the target.`,
    waysOut: ['Allow a coarser paper, or ask for a finer target.'],
  },
} as const;

/** What is wrong with a ladder of one's own. */
export const ladderFaults = {
  none: 'No paper chosen.',
  offTheSeries: 'Not all of these are on the P-series.',
  tooCoarse: (grit: number, coarsest: number) =>
    `P${grit} is coarser than this face bears: P${coarsest} at most.`,
  wontClear: (grit: number, defectUm: number) =>
    `P${grit} won’t clear marks of ${Math.round(defectUm)} µm: start coarser.`,
  stopsEarly: (grit: number, target: number) =>
    `It stops at P${grit}; the next coat wants P${target}.`,
  goesOn: (grit: number, target: number) =>
    `It goes on to P${grit}; the next coat wants no finer than P${target}.`,
  goesBack: (to: number, from: number) => `P${to} after P${from} goes back to coarser paper.`,
  bigStep: (from: number, to: number, step: number) =>
    `P${from} to P${to} is a step of ${step.toFixed(1)} in grain: P${to} won't clear its scratches.`,
  takesTooMuch: (removedUm: number) =>
    `It takes off ${Math.round(removedUm)} µm, more than this veneer can give.`,
} as const;
