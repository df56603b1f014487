import type { Damage } from '../damages';
import type { Sketch } from './sketch';

/** An answer that is kept as a figure. */
export interface GlanceFigure {
  readonly label: string;
  readonly value: number;
  readonly sketch: Sketch;
}

/** A question that anybody can answer by looking, asked for many surfaces at once. */
export interface Glance {
  /** The test whose outcomes are its answers. */
  readonly testId: string;
  /** As one person asks another. */
  readonly asks: string;
  /** It tells something only where wood is seen, where there is a film, or where it is painted; else anywhere. */
  readonly where: 'woodSeen' | 'film' | 'painted' | 'anywhere';
  /** Figures to choose from, where its test is a reading. */
  readonly figures?: readonly GlanceFigure[];
}

/** The test that says whether wood is seen, and its answers that speak against wood and against a film. */
export const SIGHT = { testId: 'see-through', noWood: 'opaque', noFilm: 'dull-wood' } as const;

/** What a walk round a piece asks, in order: what decides most comes first. Common practice, no source. */
export const GLANCES: readonly Glance[] = [
  { testId: SIGHT.testId, asks: 'Paint, clear finish or bare wood?', where: 'anywhere' },
  { testId: 'wood-look', asks: 'What does the wood look like?', where: 'woodSeen' },
  { testId: 'pattern', asks: 'Real grain, or a print?', where: 'woodSeen' },
  { testId: 'knots', asks: 'Any knots or pitch?', where: 'anywhere' },
  { testId: 'shine', asks: 'Glossy, satin or dull?', where: 'film' },
  {
    testId: 'colours-seen',
    asks: 'How many colours show at chips and edges?',
    where: 'painted',
    figures: [
      { label: 'One', value: 1, sketch: 'figure-plain' },
      { label: 'Two', value: 2, sketch: 'edge-line' },
      { label: 'Three', value: 3, sketch: 'edge-seam' },
      { label: 'Four', value: 4, sketch: 'edge-plies' },
      { label: 'Five or more', value: 5, sketch: 'edge-plies' },
    ],
  },
  { testId: 'brush-marks', asks: 'Brushed, sprayed or wiped on?', where: 'film' },
  { testId: 'crazing', asks: 'Any cracks in the finish?', where: 'film' },
  { testId: 'white-rings', asks: 'White rings from cups or heat?', where: 'film' },
  { testId: 'stains-look', asks: 'Dark rings, ink or marker?', where: 'anywhere' },
];

/** What else anybody sees, smells or feels on a walk round, as people say it. Common practice, no source. */
export const GLANCE_DAMAGES: readonly { readonly damage: Damage; readonly says: string }[] = [
  { damage: 'residue', says: 'Stickers or glue left' },
  { damage: 'grime', says: 'Greasy or sticky' },
  { damage: 'odour', says: 'Smells of smoke or pets' },
  { damage: 'mould', says: 'Mould or musty' },
  { damage: 'insects', says: 'Fresh worm holes or dust' },
  { damage: 'looseJoint', says: 'Wobbles, joints loose' },
  { damage: 'peeling', says: 'Paint peels or flakes' },
  { damage: 'scratch', says: 'Scratches' },
  { damage: 'dent', says: 'Dents' },
  { damage: 'liftingVeneer', says: 'Veneer lifts' },
  { damage: 'missingVeneer', says: 'Veneer is missing' },
  { damage: 'runs', says: 'Runs and drips' },
];
