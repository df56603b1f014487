export {
  AIR_RANGE,
  absoluteHumidity,
  dewPoint,
  inRange,
  saturationPressure,
  vapourDeficit,
  vapourPressure,
  warmedTo,
  wetBulb,
  type Air,
} from './humidAir';
export { boardMoisture, equilibriumMoisture, halfTimeOf, type BoardMoisture } from './woodMoisture';
export { airAt, errorAt, mapAir, shifted, steadyAir, type AirCourse, type Minute } from './course';
export { USUAL_SETTING, curePaceOf, paceOf, type DryingSetting } from './drying';
export { progressIn, type DryingProgress } from './progress';
export { coatTimes, waitBand, type AirBand, type CoatTimes } from './states';
export { isFit, mendsFor, misfitsFor, nextFit, type AirMend, type Misfit } from './fit';
export { insideOf, typicalAir, typicalCourse, withReading, type Site, type RoomKit } from './rooms';
