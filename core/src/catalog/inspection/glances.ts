/** A question that anybody can answer by looking, asked for many surfaces at once. */
export interface Glance {
  /** The test whose outcomes are its answers. */
  readonly testId: string;
  /** As one person asks another. */
  readonly asks: string;
  /** It tells something only where wood is seen, or only where there is a film; else anywhere. */
  readonly where: 'woodSeen' | 'film' | 'anywhere';
}

/** The test that says whether wood is seen, and its answers that speak against wood and against a film. */
export const SIGHT = { testId: 'see-through', noWood: 'opaque', noFilm: 'dull-wood' } as const;

/** What a walk round a piece asks, in order: what decides most comes first. Common practice, no source. */
export const GLANCES: readonly Glance[] = [
  { testId: SIGHT.testId, asks: 'Paint, clear finish or bare wood?', where: 'anywhere' },
  { testId: 'wood-look', asks: 'What does the wood look like?', where: 'woodSeen' },
  { testId: 'pattern', asks: 'Real grain, or a print?', where: 'woodSeen' },
  { testId: 'knots', asks: 'Any knots or pitch?', where: 'anywhere' },
  { testId: 'brush-marks', asks: 'Brushed, sprayed or wiped on?', where: 'film' },
  { testId: 'crazing', asks: 'Any cracks in the finish?', where: 'film' },
  { testId: 'white-rings', asks: 'White rings from cups or heat?', where: 'film' },
  { testId: 'stains-look', asks: 'Dark rings, ink or marker?', where: 'anywhere' },
];
