import { capital } from './language';
import { showDuration, showThickness, showVolume, type UnitSystem } from '../units';

const G_PER_OZ = 28.3495;
const SMALL_G = 10;

/** A mass as it is weighed at the bench: grams, or ounces. */
export const showGrams = (grams: number, units: UnitSystem): string =>
  units === 'us'
    ? `${(grams / G_PER_OZ).toFixed(2)} oz`
    : `${grams < SMALL_G ? grams.toFixed(1) : Math.round(grams)} g`;

/** What is mixed, by name. */
export const MIX_PARTS = {
  alcohol: 'denatured alcohol',
  water: 'water',
  vinegar: 'white vinegar',
  paint: 'paint',
} as const;

export const mixes = {
  hardener: (
    it: {
      readonly base: string;
      readonly baseG: number;
      readonly hardenerG: number;
      readonly share: number;
      readonly potMinutes: number;
      readonly celsius: number;
    },
    units: UnitSystem,
  ): string =>
    `${it.base}: about ${showGrams(it.baseG, units)} in all with ${showGrams(it.hardenerG, units)} of hardener (${(100 * it.share).toFixed(1)} % by mass in this air). Good for about ${Math.round(it.potMinutes)} min: mix what you spread in that time.`,
  parts: (list: readonly { readonly name: string; readonly of: number }[], upTo: number | null) =>
    `${list.map((it) => `${it.of} part ${it.name}`).join(' to ')}${upTo === null ? '' : `, up to ${upTo} parts for a more translucent coat`}.`,
  /** "For 0.40 L: paint 0.20 L, water 0.20 L." */
  amounts: (
    total: number,
    list: readonly { readonly name: string; readonly amount: number }[],
    units: UnitSystem,
  ): string =>
    `For ${showVolume(total, units)}: ${list.map((it) => `${it.name} ${showVolume(it.amount, units)}`).join(', ')}.`,
  /** What is added at the most, by percent. */
  added: (litres: number, percent: number, units: UnitSystem): string =>
    `${percent} % of ${showVolume(litres, units)} is ${showVolume((litres * percent) / 100, units)} at the most.`,
  runsAlready: 'It runs fast enough: thin nothing.',
  thin: (from: number, to: number, units: UnitSystem): string =>
    `About ${showVolume(from, units)} to ${showVolume(to, units)} of thinner for each litre. Add the lower figure, stir, time it again. The label’s limit comes first.`,
  outside: (label: string, from: number, to: number): string =>
    `A ${label} cup tells ${from} to ${to} s: take another cup.`,
  thinned: (label: string, by: string): string =>
    `${label}: thinned with ${by}, no further than its label allows.`,
} as const;

/** Litres of a coat, surface by surface. */
export const litresInWords = (name: string, litres: number, units: UnitSystem): string =>
  `${name} ${showVolume(litres, units)}`;

/** What is asked, in few words. */
export const GATE_QUESTIONS: Readonly<Record<GateQuestion, string>> = {
  lead: 'Is there lead?',
  substrate: 'Is it wood?',
  veneer: 'How thick is the veneer?',
  bleed: 'Does it bleed?',
  patch: 'Does the primer bond?',
  moisture: 'Is the wood dry enough?',
  ph: 'Is it neutral?',
  air: 'Is the air right?',
};
/** What an open question on a surface is about. */
export type GateQuestion =
  'lead' | 'substrate' | 'veneer' | 'bleed' | 'patch' | 'moisture' | 'ph' | 'air';

/** A step that is not to be done yet, and what may be said of it. */
export const tooSoon = {
  harm: 'Not yet: a hazard comes first',
  leadOpen: 'Nobody has tested every layer here for lead. Don’t open, scrape, sand or coat it.',
  harms: (titles: readonly string[]) =>
    `First: ${titles.map((it) => `“${it}”`).join(', ')}. Until then this can’t be marked done.`,
  happened: 'It has happened',
  happenedWhat:
    'If it has happened all the same, report it. The plan then starts with stopping, cleaning up and testing.',
  reported: 'On record. Stop, and clean up first.',
  early: 'Other steps come first',
  first: (steps: string, titles: readonly string[]) =>
    `${/[,–]/.test(steps) ? 'Steps' : 'Step'} ${steps}: ${titles.join(', ')}.`,
  question: (it: GateQuestion) => `Waiting on an answer: ${GATE_QUESTIONS[it]}`,
  wet: (title: string, until: string) => `“${title}” is still drying, until about ${until}.`,
  neverDry: (title: string) => `“${title}” doesn’t dry in this air.`,
  allTheSame: 'Done all the same',
  why: 'Why before its turn?',
  reasons: ['It was done already', 'Not needed here', 'No time to wait'],
  otherReason: 'Another reason',
} as const;

/** How long something still waits, as times. @param late null where it may never be ready in this air */
export const waits = (it: {
  readonly left: string;
  readonly about: string;
  readonly early: string;
  readonly late: string | null;
}): string =>
  `${capital(it.left)} left. Ready about ${it.about}, ${
    it.late === null ? `at the earliest ${it.early}` : `between ${it.early} and ${it.late}`
  }. Leave it alone until then.`;

/** What stands in the book of a piece. */
export const book = {
  title: (name: string) => `The book of ${name}`,
  intro: (number: string, printed: string) => `${number}. As on record on ${printed}.`,
  done: 'WHAT WAS DONE',
  nothingDone: 'Nothing is on record as done yet.',
  pictures: 'BEFORE AND AFTER',
  before: 'Before',
  after: 'After',
  turnedUp: 'WHAT TURNED UP, AND WHAT WAS DECIDED',
  readings: 'WHAT WAS MEASURED AND TESTED',
  lead: 'LEAD',
  stack: 'NEXT TIME SOMEBODY STRIPS THIS',
  layers: (names: readonly string[]) => `From the wood up: ${names.join('; ')}.`,
  film: (um: number, units: UnitSystem) => `About ${showThickness(um, units)} of new film.`,
  mended: (names: readonly string[]) => `Mended below the coats: ${names.join('; ')}.`,
  takes: (ways: readonly string[]) => `What takes it off: ${ways.join('; ')}.`,
  took: (minutes: number) => `took ${showDuration(minutes)}`,
  by: (name: string) => `by ${name}`,
  air: (text: string) => `air about ${text}`,
  used: (list: readonly string[]) => `Used: ${list.join('; ')}.`,
  lot: (text: string, lot: string) => `${text}, lot ${lot}`,
  check: (question: string, answer: string) => `${question} ${answer}.`,
  early: (open: readonly string[], reason: string) =>
    `Done before ${open.map((it) => `“${it}”`).join(', ')}. Reason: ${reason}.`,
  decided: (remedy: string) => `Decided: ${remedy}.`,
  undecided: 'Not decided yet.',
  foot: 'Written down while the work was done. What nobody tested is not known: this sheet says what was looked at, and calls nothing harmless.',
} as const;

/** What takes a new coat off again, by what it is made with. */
export const TAKEN_OFF_BY = {
  water: 'gel stripper, or hot water and a scraper while it is young',
  alcohol: 'denatured alcohol',
  solvent: 'its own thinner',
  oxidation: 'gel stripper',
  wax: 'mineral spirits',
} as const;
