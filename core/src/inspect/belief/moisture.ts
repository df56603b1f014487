import { DAMP_ABOVE_POINTS } from '../../catalog';
import { equilibriumMoisture } from '../../climate';
import type { Observation, Shop } from '../../piece';
import { LOOK_WORDS } from '../../words';
import type { Moisture } from './result';

/**
 * The latest reading of the moisture meter against the equilibrium in the shop's air.
 * @returns null where nobody measured
 */
export const moistureOf = (observations: readonly Observation[], shop: Shop): Moisture | null => {
  const latest = observations
    .filter((it) => it.testId === 'moisture' && it.value !== null)
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .at(-1);
  if (!latest || latest.value === null) return null;
  const atRest = equilibriumMoisture({ celsius: shop.airCelsius, humidity: shop.airHumidity });
  const over = latest.value - atRest;
  const damp = over > DAMP_ABOVE_POINTS.value;
  return {
    percent: latest.value,
    atRest,
    damp,
    text: LOOK_WORDS.moisture.text(latest.value, atRest, over, damp),
  };
};
