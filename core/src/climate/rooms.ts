import { DAY, HOUR } from '../units';
import {
  CLIMATES,
  MOISTURE_BUFFER,
  READING_FADES,
  ROOMS,
  TYPICAL_PEAKS,
  type Climate,
  type Room,
} from '../catalog';
import { mapAir, type AirCourse, type Minute } from './course';
import {
  absoluteHumidity,
  inRange,
  saturationPressure,
  vapourPressure,
  type Air,
} from './humidAir';

const YEAR_DAYS = 365.25;
const TURN = 2 * Math.PI;

/** Where a place is on the earth, as far as its seasons and hours go. */
export interface Site {
  /** Southern half of the globe: seasons the other way round. */
  readonly south: boolean;
  /** Local time against UTC, minutes. */
  readonly offsetMinutes: number;
}

/**
 * The air of a typical climate at a time: sines by the season and by the hour.
 * Model (J): warmest on the 21st of July at 15 h; humidity swings against the temperature.
 */
export const typicalAir = (climate: Climate, at: Minute, { south, offsetMinutes }: Site): Air => {
  const { celsius, humidity } = CLIMATES.get(climate);
  const local = at + offsetMinutes;
  const dayOfYear = (local / DAY) % YEAR_DAYS;
  const turned = south ? Math.PI : 0;
  const season = Math.cos((TURN * (dayOfYear - TYPICAL_PEAKS.dayOfYear)) / YEAR_DAYS + turned);
  const hour = Math.cos((TURN * ((local % DAY) / HOUR - TYPICAL_PEAKS.hour)) / 24);
  return inRange({
    celsius: celsius.mean + celsius.season * season + celsius.day * hour,
    humidity: Math.min(98, humidity.mean - humidity.season * season - humidity.day * hour),
  });
};

/** A course of typical days. */
export const typicalCourse = (
  climate: Climate,
  from: Minute,
  hours: number,
  place: Site,
): AirCourse => ({
  from,
  hours: Array.from({ length: hours }, (_, hour) => typicalAir(climate, from + hour * HOUR, place)),
  madeAt: from,
  measured: false,
});

/** What is in a room against its air. */
export interface RoomKit {
  readonly room: Room;
  /** Heater, W, and up to where it heats, °C; null where there is none. */
  readonly heater: { readonly watt: number; readonly toCelsius: number } | null;
  /** Dehumidifier, L a day, and down to where it dries, %; null where there is none. */
  readonly dehumidifier: { readonly litresADay: number; readonly toHumidity: number } | null;
}

/** Gas constant of water vapour, kPa·m³/(kg·K). */
const VAPOUR_GAS = 0.461526;

/** Humidity of air of this warmth that holds so much water, g/m³, %. */
const humidityOf = (grams: number, celsius: number): number =>
  (100 * ((grams / 1000) * VAPOUR_GAS * (celsius + 273.15))) / saturationPressure(celsius);

/**
 * The air in a room whose outdoor air is known.
 * Model (J), hour by hour: temperature comes nearer to the outdoor one with the room's time constant;
 * the heater adds what its watts lift against the losses, as far as it is set. Water comes and goes
 * with the air changed, slowed by what walls and wood hold; the dehumidifier takes out its share.
 */
export const insideOf = (
  outdoor: AirCourse,
  { room, heater, dehumidifier }: RoomKit,
): AirCourse => {
  const { lagHours, airChanges, volumeM3, lossWattPerK } = ROOMS.get(room);
  const [first] = outdoor.hours;
  if (!first) return outdoor;
  const follows = 1 - Math.exp(-1 / lagHours);
  const swaps = 1 - Math.exp(-airChanges / MOISTURE_BUFFER.times);
  // A room that lags for days has come to rest with the days before, not with the first hour.
  const lately = outdoor.hours.slice(0, 24);
  const mean = (of: (air: Air) => number): number =>
    lately.reduce((sum, air) => sum + of(air), 0) / lately.length;
  let celsius = lagHours > 4 ? mean((air) => air.celsius) : first.celsius;
  let grams = lagHours > 4 ? mean(absoluteHumidity) : absoluteHumidity(first);
  if (heater) {
    celsius = Math.max(celsius, Math.min(heater.toCelsius, celsius + heater.watt / lossWattPerK));
  }
  return mapAir(outdoor, (out) => {
    const lifted = heater ? heater.watt / lossWattPerK : 0;
    const free = celsius + (out.celsius - celsius) * follows;
    const heated = celsius + (out.celsius + lifted - celsius) * follows;
    celsius = heater ? Math.max(free, Math.min(heater.toCelsius, heated)) : free;
    grams += (absoluteHumidity(out) - grams) * swaps;
    if (dehumidifier) {
      const floor = Math.min(
        grams,
        absoluteHumidity({ celsius, humidity: dehumidifier.toHumidity }),
      );
      const taken = (dehumidifier.litresADay * 1000) / 24 / volumeM3 / MOISTURE_BUFFER.times;
      grams = Math.max(floor, grams - taken);
    }
    // What a cold room can't hold runs down its walls.
    grams = Math.min(grams, absoluteHumidity({ celsius, humidity: 100 }));
    return { celsius, humidity: humidityOf(grams, celsius) };
  });
};

/** A reading of now laid over what is foreseen: it fades into it within a day and a half (J). */
export const withReading = (course: AirCourse, reading: Air, at: Minute): AirCourse => {
  const air = course.hours[Math.max(0, Math.floor((at - course.from) / HOUR))];
  if (!air) return course;
  const more = {
    celsius: reading.celsius - air.celsius,
    pressure: vapourPressure(inRange(reading)) - vapourPressure(air),
  };
  return mapAir(course, (it, hour) => {
    const fades = Math.exp(-Math.max(0, hour - at) / HOUR / READING_FADES.hours);
    const celsius = it.celsius + more.celsius * fades;
    const pressure = Math.max(0.01, vapourPressure(it) + more.pressure * fades);
    return { celsius, humidity: (100 * pressure) / saturationPressure(celsius) };
  });
};
