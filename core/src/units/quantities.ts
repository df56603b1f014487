import { MM_PER_INCH } from './length';
import type { UnitSystem } from './system';

const MM2_PER_M2 = 1e6;
/** Square millimetres in one square foot: (12 × 25.4)², exact. */
const MM2_PER_FT2 = (12 * MM_PER_INCH) ** 2;

/** Square metres of an area in square millimetres. */
export const squareMetres = (mm2: number): number => mm2 / MM2_PER_M2;

/** An area for the screen: "0.42 m²" or "4.5 ft²". @param mm2 area in mm² */
export const showArea = (mm2: number, system: UnitSystem): string =>
  system === 'metric'
    ? `${(mm2 / MM2_PER_M2).toFixed(2)} m²`
    : `${(mm2 / MM2_PER_FT2).toFixed(1)} ft²`;

/**
 * A thin thickness for the screen: µm or, in US units, mil (thousandths of an inch).
 * @param um thickness in micrometres
 */
export const showThickness = (um: number, system: UnitSystem): string =>
  system === 'metric'
    ? um >= 100
      ? `${(um / 1000).toFixed(2)} mm`
      : `${Math.round(um)} µm`
    : `${(um / MM_PER_INCH).toFixed(1)} mil`;

/** Litres in a US gallon (231 in³), exact. */
const LITRES_PER_GALLON = 3.785411784;

/** A volume for the screen: ml or L; US fluid ounces, quarts or gallons. @param litres volume in L */
export const showVolume = (litres: number, system: UnitSystem): string => {
  if (system === 'metric') {
    return litres < 0.1 ? `${Math.max(1, Math.round(litres * 1000))} ml` : `${litres.toFixed(2)} L`;
  }
  const gallons = litres / LITRES_PER_GALLON;
  if (gallons >= 1) return `${gallons.toFixed(1)} gal`;
  return gallons >= 1 / 16
    ? `${(gallons * 4).toFixed(1)} qt`
    : `${Math.max(1, Math.round(gallons * 128))} fl oz`;
};

/** A temperature for the screen. @param celsius temperature in °C */
export const showTemperature = (celsius: number, system: UnitSystem): string =>
  `${Math.round(temperatureIn(celsius, system))} ${system === 'metric' ? '°C' : '°F'}`;

/** A temperature as a figure in the unit of the system, °C or °F. */
export const temperatureIn = (celsius: number, system: UnitSystem): number =>
  system === 'metric' ? celsius : celsius * 1.8 + 32;

/** °C of a figure in the unit of the system. */
export const celsiusOf = (figure: number, system: UnitSystem): number =>
  system === 'metric' ? figure : (figure - 32) / 1.8;

/**
 * A duration in words a clock would use: "40 min", "1 h 35", "6 days".
 * @param minutes duration in minutes
 */
export const showDuration = (minutes: number): string => {
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  if (whole >= 3 * 1440) return `${Math.round(whole / 1440)} days`;
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
};

/** A probability as people read it: never 0 % or 100 % for what is not certain. */
export const showPercent = (p: number): string => {
  if (p === 1) return '100 %';
  if (p === 0) return '0 %';
  if (p < 0.01) return 'under 1 %';
  if (p > 0.99) return 'over 99 %';
  return `${Math.round(p * 100)} %`;
};
