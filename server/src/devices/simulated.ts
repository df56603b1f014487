import { HOUR_MS } from '@obrik/core/units';
import { equilibriumMoisture } from '@obrik/core/climate';
import { diceOf, seedOf, type Dice } from '@obrik/core/dice';
import type { MeterPlace, Shown } from '@obrik/core/contracts';
import type { Meter } from './device';

/** A number of a normal distribution (Box and Muller). */
const normal = (dice: Dice): number =>
  Math.sqrt(-2 * Math.log(1 - dice())) * Math.cos(2 * Math.PI * dice());

/** What is hidden at a place is the same at every look: between 0 and 1, by its name. */
const hidden = (what: string, place: MeterPlace): number =>
  diceOf(seedOf([what, place.pieceId, place.surfaceId, place.layer].join('/')))();

/** Noise of one reading: new each second, the same for the same second. */
const noise = (seed: number, what: string, at: Date): number =>
  normal(diceOf(seed ^ seedOf(`${what}/${Math.floor(at.getTime() / 1000)}`)));

/** Slow drift of a meter that nobody calibrates: a sum of two waves over days. */
const drift = (seed: number, at: Date): number => {
  const days = at.getTime() / (24 * HOUR_MS);
  const phase = diceOf(seed)() * 2 * Math.PI;
  return Math.sin(days / 3 + phase) + 0.5 * Math.sin(days / 11 + 2 * phase);
};

/** The air of an unheated shop: colder and damper at night. */
const airAt = (seed: number, at: Date): { celsius: number; humidity: number } => {
  const day = Math.cos(((at.getTime() % (24 * HOUR_MS)) / (24 * HOUR_MS) - 0.625) * 2 * Math.PI);
  return {
    celsius: 14 + 3 * day + drift(seed, at),
    humidity: 66 - 7 * day + 3 * drift(seed + 1, at),
  };
};

const figure = (quantity: Shown['quantity'], value: number, unit: string): Shown => ({
  quantity,
  value: Math.round(value * 10) / 10,
  unit,
  outcome: null,
});

const between = (value: number, low: number, high: number): number =>
  Math.min(high, Math.max(low, value));

/**
 * The meters that ship with Obrik, all simulated: each hides a truth by the name of the place it
 * is held at, and shows it with noise and a slow drift.
 * @param seed the same seed gives the same meters
 */
export const simulatedDevices = (seed: number): readonly Meter[] => [
  {
    id: 'thermo-hygrometer',
    name: 'Thermometer and hygrometer',
    simulated: true,
    read: (_, at) => {
      const air = airAt(seed, at);
      return [
        figure('temperature', air.celsius + 0.2 * noise(seed, 'celsius', at), '°C'),
        figure('humidity', between(air.humidity + 1.5 * noise(seed, 'humidity', at), 5, 98), '%'),
      ];
    },
  },
  {
    id: 'moisture-meter',
    name: 'Moisture meter',
    simulated: true,
    read: (place, at) => {
      const above = 5 * hidden('moisture', place) ** 3;
      const reading =
        equilibriumMoisture(airAt(seed, at)) + above + 0.3 * noise(seed, 'moisture', at);
      return [figure('moisture', between(reading + 0.2 * drift(seed + 2, at), 4, 60), '%')];
    },
  },
  {
    id: 'gloss-meter',
    name: 'Gloss meter, 60°',
    simulated: true,
    read: (place, at) => {
      const gloss = 3 + 80 * hidden('gloss', place) ** 2;
      return [
        figure('gloss', between(gloss * (1 + 0.03 * noise(seed, 'gloss', at)), 0, 150), 'GU'),
      ];
    },
  },
  {
    id: 'lead-swab-reader',
    name: 'Lead swab reader',
    simulated: true,
    read: (place, at) => {
      const there = hidden('lead', place) < 0.3;
      // It misses four in ten, and sees one in twenty-five that is not there, as swabs do.
      const chance = there ? 0.6 : 0.04;
      const dice = diceOf(seed ^ seedOf(`swab/${at.getTime()}`));
      return [
        {
          quantity: 'lead',
          value: null,
          unit: '',
          outcome: dice() < chance ? 'found' : 'notFound',
        },
      ];
    },
  },
];
