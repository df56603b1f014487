/** What somebody wants to know who looks a thing up: in whole sentences, as told at the bench. */
export interface Lore {
  /** What is it? */
  readonly what: string;
  /** How do I tell? */
  readonly tell: string;
  /** What goes wrong? */
  readonly wrong: string;
  /** Words that people look it up by, beside its name. */
  readonly says: string;
}

export const lore = (what: string, tell: string, wrong: string, says: string): Lore => ({
  what,
  tell,
  wrong,
  says,
});
