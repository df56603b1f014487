import { DAMP_ABOVE, equilibriumMoisture } from '../climate';
import type { Observation, Shop } from '../piece';
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
  const damp = over > DAMP_ABOVE;
  const against = `${latest.value.toFixed(1)} %, at rest in this air ${atRest.toFixed(1)} %`;
  return {
    percent: latest.value,
    atRest,
    damp,
    text: damp
      ? `${against}: ${over.toFixed(1)} points too damp. Let it dry before sanding or coating.`
      : `${against}: dry enough.`,
  };
};
