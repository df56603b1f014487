import type { Variable } from '../variables';
import { BLEED_TESTS } from './bleed';
import { FINISH_TESTS } from './finish';
import { LEAD_TESTS } from './lead';
import { READINGS } from './readings';
import type { InspectionTest } from './shape';
import { SUBSTRATE_TESTS } from './substrate';
import { WOOD_TESTS } from './wood';

/** Every look, touch, spot test and reading that Obrik knows, mildest first within a question. */
export const INSPECTION_TESTS: readonly InspectionTest[] = [
  ...SUBSTRATE_TESTS,
  ...WOOD_TESTS,
  ...FINISH_TESTS,
  ...BLEED_TESTS,
  ...READINGS,
  ...LEAD_TESTS,
];

const BY_ID = new Map(INSPECTION_TESTS.map((test) => [test.id, test]));

/** The test of this id, or undefined. */
export const inspectionTest = (id: string): InspectionTest | undefined => BY_ID.get(id);

/** Does a test say anything about a variable? */
export const informs = (test: InspectionTest, of: Variable): boolean =>
  test.informs.some((row) => row.when?.[of] !== undefined);

/** How many different results a test may have, as far as likelihoods go: outcomes or bands. */
export const resultCount = (test: InspectionTest): number =>
  test.kind === 'reading' ? test.bands.length : test.outcomes.length;

/** The band of a reading; undefined where the test has no bands. */
export const bandOf = (test: InspectionTest, value: number): number | undefined => {
  if (test.kind !== 'reading' || test.bands.length === 0) return undefined;
  return test.bands.findIndex((band) => value <= band.upTo);
};

export { COPIED } from './copies';
export { DAMAGE_SIGN, isTelling } from './damageSigns';
export { GLANCES, GLANCE_DAMAGES, SIGHT, type Glance } from './glances';
export { FEEL_SAYS, LAYER_FINISHES, ONE_CAUSE } from './finish';
export type {
  Band,
  ChoiceTest,
  InspectionTest,
  LayerTest,
  LikelihoodRow,
  Outcome,
  ReadingTest,
} from './shape';
export type { BenchSketch, Sketch } from './sketch';

export { CROSS_CUT_STEPS } from './readings';
