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
