import { inspectionTest } from '../catalog';
import type { Observation } from '../piece';
import { inDialect } from '../words';
import { showThickness, type UnitSystem } from '../units';

/** The outcome of an observation: "A thin line along the edge", "4 layers", "Not found, layer 2". */
export const outcomeInWords = (it: Observation): string => {
  const test = inspectionTest(it.testId);
  if (!test) return it.testId;
  if (test.kind === 'reading') return `${it.value ?? '?'} ${test.unit}`;
  const label = test.outcomes.find((one) => one.id === it.outcome)?.label ?? it.outcome ?? '?';
  return it.layer === null ? label : `${label}, layer ${it.layer}`;
};

/** What was done, with lengths in the shop's units. */
export const recordedInWords = (it: Observation, units: UnitSystem): string => {
  const title = inDialect(inspectionTest(it.testId)?.title ?? it.testId, units);
  const outcome =
    it.testId === 'veneer-thickness' && it.value !== null
      ? showThickness(it.value * 1000, units)
      : outcomeInWords(it);
  return title.endsWith('?') ? `${title} ${outcome}` : `${title}: ${outcome}`;
};
