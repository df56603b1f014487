export { ONE_IN_TEN_SIGMA } from './normal';
export { DAY, DAY_MS, HOUR, HOUR_MS, MINUTE_MS } from './durations';
export {
  MM_PER_INCH,
  lengthToTyped,
  showLength,
  typedToLength,
  unitSlip,
  type UnitSlip,
} from './length';
export {
  showArea,
  showDuration,
  showPercent,
  celsiusOf,
  showTemperature,
  temperatureIn,
  showThickness,
  showVolume,
  squareMetres,
} from './quantities';
export { UNIT_SYSTEMS, type UnitSystem } from './system';
export { currencySign, digitsOf, moneyToTyped, showMoney, typedToMoney } from './money';
