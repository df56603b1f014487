import { JUDGEMENT } from './source';

/** From which chance on something is done, asked or said. One name and one row for each. */
export const DECISIONS = {
  /** What a hypothesis of this chance forbids is not done, or is asked about first. */
  forbids: { value: 0.1, source: JUDGEMENT },
  /** From this chance of a face without wood on, what shows the wood is refused outright. */
  unstainable: { value: 0.5, source: JUDGEMENT },
  /** From this chance on a bleed patch is worth its stamp of primer, up to where it is sure. */
  bleedPatchFrom: { value: 0.15, source: JUDGEMENT },
  bleedPatchTo: { value: 0.75, source: JUDGEMENT },
  /** From this chance of bleed on the last coat over clear shellac is white, and shows what still comes. */
  detectorFrom: { value: 0.5, source: JUDGEMENT },
  /** Share of a kind of bleed that a shop's own blocker has to hold, or shellac is taken. */
  blockerHolds: { value: 0.7, source: JUDGEMENT },
  /** From this chance on bleed is shut in under a wash. */
  bleedWorthBlocking: { value: 0.3, source: JUDGEMENT },
  /** Share of the bleed that still comes through paint that has stood for years without showing any. */
  bleedThroughOldPaint: { value: 0.15, source: JUDGEMENT },
  /** From this chance of dye on a face that shows its wood is sealed. */
  dyeWorthSealing: { value: 0.5, source: JUDGEMENT },
  /** From this chance of tannin on a wood counts as rich in it. */
  richInTannin: { value: 0.5, source: JUDGEMENT },
  /** From this chance on something is taken to be so, for choosing what makes sense to test. */
  likelyForTesting: { value: 0.5, source: JUDGEMENT },
  /** From this chance of lead in some layer on, what its question asks for comes first of all. */
  leadUrgentFrom: { value: 0.05, source: JUDGEMENT },
  /** A test that tells something only on paint is not offered where paint is less likely than this. */
  testWorthTrying: { value: 0.3, source: JUDGEMENT },
  /** From this probability on a question counts as settled. */
  settled: { value: 0.85, source: JUDGEMENT },
  /** A family is named where its likeliest member alone is less likely than this. */
  memberNamed: { value: 0.65, source: JUDGEMENT },
  /** Below this a chance is not worth a word. */
  riskWorthSaying: { value: 0.02, source: JUDGEMENT },
  /** Chances that differ by less are the same to a user. */
  sameChance: { value: 0.01, source: JUDGEMENT },
} as const;

/** What one thing weighs against another. */
export const WEIGHTS = {
  /** One way to strip for one film on a piece, unless another saves more than this, minutes. */
  anotherWayMinutes: 45,
  /** How many times as heavy a mishap weighs with those who prime always. */
  alwaysPrimes: 6,
  source: JUDGEMENT,
} as const;

/** Share of the paint that lands on the piece. */
export const TRANSFER = { sprayed: 0.65, brushed: 0.95, source: JUDGEMENT } as const;

/** How many times as long work takes in conditions that slow it. */
export const SLOWER = {
  /** Dedusting without extraction. */
  dedustWithoutExtractor: 2,
  /** Dulling and scraping wet, contained. */
  wet: 1.5,
  /** Sanding wet down to bare wood, against a scuff. */
  wetToBare: 2,
  source: JUDGEMENT,
} as const;

/** What a careful worker would give for a unit of money, minutes per minor unit. */
export const MINUTES_PER_MINOR_UNIT = { value: 0.02, source: JUDGEMENT } as const;

/** What an answer to a gate is supposed to have shown, where its branch is planned ahead. */
export const SUPPOSED = {
  veneerEnoughMm: 1,
  veneerLessMm: 0.3,
  squaresHold: 0,
  squaresFair: 3,
  neutralPh: 7,
  restingMoisture: 9,
  squaresFail: 15,
  source: JUDGEMENT,
} as const;
