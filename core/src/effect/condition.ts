/** Something that was done to a surface, and need not be done again. */
export const CONDITIONS = [
  'leadSampled',
  'cleanedUpAfter',
  'substrateSeen',
  'veneerMeasured',
  'vacuumed',
  'airedOut',
  'freeOfResidue',
  'freeOfCement',
  'freeOfWax',
  'degreased',
  'bleedPatched',
  'neutral',
  'driedOut',
  'neutralisedAgain',
  'washedOut',
  'stripped',
  'looseOff',
  'veneered',
  'fillFlush',
  'stainSandedOut',
  'bleached',
  'grainRaised',
  'raisedGrainCut',
  'powderOff',
  'sanded',
  'eased',
  'bondTried',
  'grainCutBack',
  'caulked',
  'distressed',
  'freshened',
  'touchedIn',
  'replaced',
  'masked',
  'hardened',
  'taped',
] as const;
export type Condition = (typeof CONDITIONS)[number];

/** Something that was done to the piece as a whole. */
export const PIECE_CONDITIONS = [
  'contained',
  'bedChecked',
  'photographed',
  'roomCovered',
  'edgesSealed',
  'drawersMasked',
  'fittingsPolished',
  'fittingsRepainted',
  'holesFilled',
  'holesDrilled',
  'bumpersSet',
  'anchorReady',
  'touchedUp',
  'airInRange',
  'handedOver',
] as const;
export type PieceCondition = (typeof PIECE_CONDITIONS)[number];

/** What comes off a piece and goes back on. */
export const PARTS = ['drawers', 'doors', 'pulls', 'back'] as const;
export type Part = (typeof PARTS)[number];

/** What a task asks of the face that it is done on. */
export const NEEDS = ['bare', 'dulled', 'dustFree', 'dewaxed'] as const;
export type Need = (typeof NEEDS)[number];
