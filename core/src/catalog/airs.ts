import { JUDGEMENT, type SourceMark } from './source';
import { table } from './table';

/** A year of typical days: sines by the season and by the hour. */
interface ClimateRow<Id extends string> {
  readonly id: Id;
  readonly label: string;
  /** Mean of the year, and half the swing by season and by day, °C. */
  readonly celsius: { readonly mean: number; readonly season: number; readonly day: number };
  /** The same in % relative humidity: the season's swing is highest in winter, the day's at dawn. */
  readonly humidity: { readonly mean: number; readonly season: number; readonly day: number };
  readonly source: SourceMark;
}

const row = <const Id extends string>(it: Omit<ClimateRow<Id>, 'source'>): ClimateRow<Id> => ({
  ...it,
  source: JUDGEMENT,
});

/** Air out of doors, or in heated rooms, through a typical year on the northern half of the globe. */
export const CLIMATES = table([
  row({
    id: 'coast',
    label: 'Damp, cool coast',
    celsius: { mean: 10.5, season: 5.5, day: 3 },
    humidity: { mean: 80, season: 5, day: 9 },
  }),
  row({
    id: 'continental',
    label: 'Cold winters, warm summers',
    celsius: { mean: 9, season: 12, day: 5 },
    humidity: { mean: 70, season: 9, day: 13 },
  }),
  row({
    id: 'humid',
    label: 'Hot and humid',
    celsius: { mean: 25, season: 4, day: 4.5 },
    humidity: { mean: 76, season: -4, day: 13 },
  }),
  row({
    id: 'dry',
    label: 'Dry',
    celsius: { mean: 19, season: 9, day: 7.5 },
    humidity: { mean: 34, season: 8, day: 12 },
  }),
  row({
    id: 'heated',
    label: 'Heated indoors',
    celsius: { mean: 20.5, season: 1.5, day: 1 },
    humidity: { mean: 46, season: -9, day: 3 },
  }),
]);
export type Climate = (typeof CLIMATES.ids)[number];

/** Warmest day of the year and hour of the day of those sines. */
export const TYPICAL_PEAKS = { dayOfYear: 202, hour: 15, source: JUDGEMENT } as const;

/** How a room follows the air outside: hours to come two thirds of the way, and what it loses. */
export const ROOMS = table([
  {
    id: 'outdoors',
    label: 'Out of doors, or open to it',
    lagHours: 0.5,
    airChanges: 20,
    volumeM3: 60,
    lossWattPerK: 2000,
    source: JUDGEMENT,
  },
  {
    id: 'shed',
    label: 'Shed or garage',
    lagHours: 8,
    airChanges: 1,
    volumeM3: 60,
    lossWattPerK: 180,
    source: JUDGEMENT,
  },
  {
    id: 'cellar',
    label: 'Cellar',
    lagHours: 72,
    airChanges: 0.4,
    volumeM3: 60,
    lossWattPerK: 90,
    source: JUDGEMENT,
  },
  {
    id: 'house',
    label: 'Room in a house',
    lagHours: 36,
    airChanges: 0.5,
    volumeM3: 45,
    lossWattPerK: 60,
    source: JUDGEMENT,
  },
] as const);
export type Room = (typeof ROOMS.ids)[number];

/** What walls and wood of a room hold of water beside its air: so many times as much as the air. */
export const MOISTURE_BUFFER = { times: 8, source: JUDGEMENT } as const;

/** How far a forecast is off, one in three beyond it: now, and more with each day, up to a most. */
export const FORECAST_ERROR = {
  celsius: { now: 0.5, eachDay: 0.6, most: 4 },
  humidity: { now: 3, eachDay: 2, most: 14 },
  source: JUDGEMENT,
} as const;

/** What is read now fades into the typical day with this time constant, hours. */
export const READING_FADES = { hours: 36, source: JUDGEMENT } as const;
