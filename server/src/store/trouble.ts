/** Why the database can't be worked with, in words for whoever started the server. */
export class DatabaseTrouble extends Error {
  override readonly name = 'DatabaseTrouble';
}
