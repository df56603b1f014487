import { showDuration } from '../units';
import { counted } from './language';

/** "3. Scuff P150 (14 min, then 20 min until …)". */
export const stepInWords = (
  it: {
    readonly title: string;
    readonly minutes: number;
    readonly wait: { readonly minutes: number; readonly until: string } | null;
  },
  number: number,
): string =>
  `${number}. ${it.title} (${showDuration(it.minutes)}${it.wait ? `, then wait ${showDuration(it.wait.minutes)} until ${it.wait.until}` : ''})`;

export const routeWords = {
  wholePiece: 'Whole piece',
  summary: (steps: number, minutes: number) =>
    `${counted(steps, 'step')}, ${showDuration(minutes)} hands on`,
  held: (by: string) => `HELD by step ${by}`,
  heldUntil: (by: string) => `Held until step ${by} is answered.`,
  printed: (years: string, summary: string, printed: string, revision: number) =>
    `${years}. ${summary}. Printed ${printed}, revision ${revision}.`,
  keep: (what: string) => `Keep: ${what}`,
  noAimYet: 'not chosen yet',
  unaimed: (names: readonly string[]) => `No aim yet: ${names.join(', ')}`,
  wear: (what: readonly string[]) => `Wear: ${what.join(', ')}.`,
  lastWords:
    'Product label and safety data sheet win over anything here; local code wins over both.',
  foot: 'Product label and safety data sheet win over anything here; local code and licensed practice win over both.',
} as const;

/** What of a way to do a piece can hurt, for a list. */
export const hazardWords = {
  lead: 'work with lead',
  leadOpen: 'lead still open',
  stripping: 'stripping',
  fumes: 'solvent fumes',
  dust: 'dust',
} as const;

/** Whole-piece ways, by name and what speaks for them. */
export const waysInWords = {
  asAimed: { title: 'As aimed now', because: 'What was said so far.' },
  paintAll: {
    title: 'Paint all of it',
    because: 'Least stripping; patches, prints and mixed woods disappear under the colour.',
  },
  woodTop: {
    title: 'Wood on top, body painted',
    because: 'The face that is looked at shows its wood; the body is spared the stripper.',
  },
  clearAll: {
    title: 'Show the wood everywhere',
    because:
      'All the wood is seen, and every repair in it. A sound clear finish is coated over; what does not carry one is stripped.',
  },
  veneerTop: {
    title: 'New veneer on top, body painted',
    because: 'A new face of wood where the old one is printed, patched or worn through.',
  },
  school: (school: string, way: string) => `${school}: ${way.toLowerCase()}`,
  tool: (has: boolean, tool: string) => `${has ? 'Without' : 'With'} ${tool}`,
} as const;
