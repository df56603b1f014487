// Words that must not stand in a step on paint that holds lead, whatever its line says of itself; and
// words that must not stand anywhere.

const FORBIDDEN: readonly RegExp[] = [
  /\bblow/i,
  /\bscrap/i,
  /\bchisel/i,
  /\bplane\b/i,
  /\brasp/i,
  /\bdrill/i,
  /steel wool/i,
  /\bP\d{2,4}\b/,
  /\bsand(s|ed|ing)?\b/i,
  /heat gun/i,
  /\bvacuum/i,
  /\bsaw/i,
];

/** Said of what is done wet, of new wood, or of what is not done. */
const HARMLESS =
  /wet-(or|and)-dry|\bwet\b|\bdamp|\bmist|HEPA|\bno\b|\bnot\b|nothing|never|don’t|drilled before|fresh blade, scored|new|labelled|gel\b/i;

/** A sentence that tells to do on lead what must not be done there; undefined where there is none. */
export const forbiddenOnLead = (text: string): string | undefined =>
  text
    .split(/(?<=[.;])\s+/)
    .find((sentence) => FORBIDDEN.some((it) => it.test(sentence)) && !HARMLESS.test(sentence));

/** Nothing is ever called safe, and no banned remover is named as a way. */
export const forbiddenAnywhere = (text: string): string | undefined =>
  /\bsafe(ly|r|st)?\b|methylene chloride|\bharmless\b/i.exec(text)?.[0];
