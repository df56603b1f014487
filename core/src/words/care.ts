import { counted } from './language';

/** "waterborne clear, 3 coats". */
export const inCoats = (label: string, count: number): string =>
  count === 1 ? label : `${label}, ${counted(count, 'coat')}`;

/** How the owner treats the piece. */
export const careRules = (it: {
  readonly cureDays: number;
  readonly waxed: boolean;
  readonly oiled: boolean;
}): readonly string[] => [
  `For ${counted(it.cureDays, 'day')} after the last coat: nothing hot, wet, heavy or rubbery on it.`,
  'Clean with a soft cloth, hardly damp. No silicone polish: nothing sticks over it later.',
  ...(it.waxed ? ['Wax: buff when dull, new wax once a year. No paint sticks over it.'] : []),
  ...(it.oiled ? ['Oil: a thin coat when it looks dry. Rags wet with oil can ignite.'] : []),
  'Food, hot pots, irons and children’s mouths: only what the label of the top coat allows, and only once it is fully hard. Nobody tested this finish for contact with food.',
  'Out of the sun and away from the stove: wood moves, and films crack with it.',
];

export const careWords = {
  title: (name: string) => `Care sheet · ${name}`,
  /** @param lastCoat the day of the last coat; null where it is still to come */
  intro: (number: string, printed: string, lastCoat: string | null) =>
    lastCoat === null
      ? `${number}, as planned on ${printed}. Last coat applied on: ____________`
      : `${number}, as done. Last coat applied on ${lastCoat}. Printed ${printed}.`,
  mended: (names: readonly string[]) => `Repaired under the finish: ${names.join('; ')}.`,
  turnedUp: (what: string, decided: string | null) =>
    `Found on the way: ${what}. ${decided === null ? 'Not decided.' : `Done about it: ${decided}.`}`,
  howToTreat: 'HOW TO TREAT IT',
  whatIsOn: 'WHAT IS ON IT',
  fromTheBottom: (coats: readonly string[], cureDays: number) =>
    coats.length > 0
      ? `From the bottom: ${coats.join('; ')}. Hard ${counted(cureDays, 'day')} after the last coat.`
      : 'No new coat.',
  lead: (text: string) => `Lead: ${text}`,
  foot: 'The labels of the products used have the last word. Keep this sheet with the piece: whoever strips it next will be glad of it.',
} as const;
