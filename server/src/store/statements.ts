/** Text in one statement, characters; SQLite takes a million. */
const LONGEST = 400_000;

const lengthOf = (row: object): number =>
  Object.values(row).reduce<number>((sum, it) => sum + String(it).length + 8, 0);

/**
 * Rows that are written together, in groups that one statement can hold each. A row that is longer
 * than that by itself makes a group of its own.
 */
export const inStatements = <T extends object>(rows: readonly T[]): readonly T[][] => {
  const groups: T[][] = [];
  let length = 0;
  for (const row of rows) {
    const own = lengthOf(row);
    const last = groups.at(-1);
    if (last && length + own <= LONGEST) {
      last.push(row);
      length += own;
    } else {
      groups.push([row]);
      length = own;
    }
  }
  return groups;
};
