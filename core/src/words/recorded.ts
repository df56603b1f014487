import { inspectionTest } from '../catalog';
import { inDialect } from './dialect';
import { showThickness, type UnitSystem } from '../units';

/** What an observation says: its test, and the outcome or figure. */
export interface ObservationTold {
  readonly testId: string;
  readonly outcome: string | null;
  readonly value: number | null;
  readonly layer: number | null;
}

/** The outcome of an observation: "A thin line along the edge", "4 layers", "Not found, layer 2". */
export const outcomeInWords = (it: ObservationTold): string => {
  const test = inspectionTest(it.testId);
  if (!test) return it.testId;
  if (test.kind === 'reading') return `${it.value ?? '?'} ${test.unit}`;
  const label = test.outcomes.find((one) => one.id === it.outcome)?.label ?? it.outcome ?? '?';
  return it.layer === null ? label : `${label}, layer ${it.layer}`;
};

/** What was done, with lengths in the shop's units. */
export const recordedInWords = (it: ObservationTold, units: UnitSystem): string => {
  const title = inDialect(inspectionTest(it.testId)?.title ?? it.testId, units);
  const outcome =
    it.testId === 'veneer-thickness' && it.value !== null
      ? showThickness(it.value * 1000, units)
      : outcomeInWords(it);
  return title.endsWith('?') ? `${title} ${outcome}` : `${title}: ${outcome}`;
};
