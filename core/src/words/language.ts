/** A label at the start of a title or a list. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** "top", "top and legs", "top, legs and apron". */
export const listed = (items: readonly string[]): string =>
  items.length < 2
    ? (items[0] ?? '')
    : `${items.slice(0, -1).join(', ')} and ${items.at(-1) ?? ''}`;

/** "1 coat", "3 coats"; a word whose plural is not its own with an s is given both. */
export const counted = (count: number, one: string, many = `${one}s`): string =>
  `${count} ${count === 1 ? one : many}`;

/** "the drawer", "both drawers", "all 6 drawers". */
export const allOf = (count: number, one: string, many = `${one}s`): string =>
  count === 1 ? `the ${one}` : count === 2 ? `both ${many}` : `all ${count} ${many}`;

/** "P80 · P120", for a title. */
export const papers = (grits: readonly number[]): string => grits.map((it) => `P${it}`).join(' · ');

/** "P80, then P120", for a sentence. */
export const papersInTurn = (grits: readonly number[]): string =>
  grits.map((it) => `P${it}`).join(', then ');

/** What is said of some surfaces: "Top, legs: …"; of the whole piece where none is named. */
export const about = (names: readonly string[], said: string): string =>
  names.length > 0 ? `${names.join(', ')}: ${said}` : said;

/** "a 44 % chance", "an 11 % chance". @param chance 0–1 */
export const aChance = (chance: number): string => {
  const percent = Math.round(chance * 100);
  return `${/^(8|11$|18$)/.test(String(percent)) ? 'an' : 'a'} ${percent} % chance`;
};
