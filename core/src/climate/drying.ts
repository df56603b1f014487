import {
  AIR_MOVEMENT,
  DRYING,
  DRYING_RANGE,
  HARDENER,
  LABEL_AIR,
  VAPOUR,
  type AirMovement,
  type Drying,
} from '../catalog';
import { vapourDeficit, type Air } from './humidAir';

/** What drying depends on beside the air's own figures. */
export interface DryingSetting {
  readonly movement: AirMovement;
  /** Wet film laid, as a share of the usual one. */
  readonly film: number;
  /** Hardener, as a share of the right one. */
  readonly hardener: number;
}

export const USUAL_SETTING: DryingSetting = { movement: 'still', film: 1, hardener: 1 };

const KELVIN = 273.15;
/** Gas constant, kJ/(mol·K). */
const GAS = 0.008314;

const between = (from: number, value: number, to: number): number =>
  Math.min(to, Math.max(from, value));

/** Air in which the pace is reckoned: within the range of the model. */
const reckonedIn = (air: Air): Air => ({
  celsius: between(DRYING_RANGE.fromCelsius, air.celsius, DRYING_RANGE.toCelsius),
  humidity: between(DRYING_RANGE.fromHumidity, air.humidity, DRYING_RANGE.toHumidity),
});

/** Vapour pressure of ethanol, mmHg, by Antoine's equation. */
const ethanol = (celsius: number): number =>
  10 ** (VAPOUR.ethanol.a - VAPOUR.ethanol.b / (VAPOUR.ethanol.c + celsius));

/** Vapour pressure of mineral spirits against that of the label's air, by Clausius and Clapeyron. */
const spirits = (celsius: number): number =>
  Math.exp(
    (-VAPOUR.spiritsHeat / GAS) * (1 / (celsius + KELVIN) - 1 / (LABEL_AIR.celsius + KELVIN)),
  );

/** How hard the air pulls at what evaporates, against the label's air. */
const PULLS = {
  water: (air: Air): number => vapourDeficit(air) / vapourDeficit(LABEL_AIR),
  alcohol: (air: Air): number => ethanol(air.celsius) / ethanol(LABEL_AIR.celsius),
  spirits: (air: Air): number => spirits(air.celsius),
} as const;

/** The smallest hardener that sets, else the reaction stalls. */
const sets = (share: number): boolean => share >= HARDENER.from;

/**
 * How fast something dries or sets, as a share of its pace in the label's air (23 °C, 50 %).
 * Model (J): label time = evaporating + hardening. Evaporating goes with the film and against the
 * pull of the air: for water its vapour-pressure deficit, for alcohol and spirits their own vapour
 * pressure. Hardening doubles its time each so many K colder, goes with the film, its square or not
 * at all, and is slower in damp air where oxygen has to get in. What sets by a hardener goes with
 * the hardener's share. Range: DRYING_RANGE; beyond it, the nearest end.
 * @returns 0 where it is too cold for anything to go on, or the hardener is too little to set
 */
export const paceOf = (
  drying: Drying,
  air: Air,
  setting: DryingSetting = USUAL_SETTING,
): number => {
  const row = DRYING.get(drying);
  if (row.stallsBelow !== null && air.celsius < row.stallsBelow) return 0;
  if (drying === 'reaction' && !sets(setting.hardener)) return 0;
  const within = reckonedIn(air);
  const { film } = setting;
  const faster = AIR_MOVEMENT.get(setting.movement).faster;
  const evaporating =
    row.vapour === null
      ? 0
      : (row.evaporates * (row.filmPower === 0 ? 1 : film)) / (PULLS[row.vapour](within) * faster);
  const damp = 1 + row.dampSlows * Math.max(0, within.humidity - LABEL_AIR.humidity);
  const hardener = drying === 'reaction' ? Math.min(HARDENER.to, setting.hardener) : 1;
  const hardening =
    ((1 - row.evaporates) *
      film ** row.filmPower *
      2 ** ((LABEL_AIR.celsius - within.celsius) / row.doublesEachK) *
      damp) /
    hardener;
  return 1 / (evaporating + hardening);
};

/** Hardening on after the first day: only by temperature, twice the time each 10 K colder (J). */
export const curePaceOf = (air: Air): number =>
  2 ** ((reckonedIn(air).celsius - LABEL_AIR.celsius) / 10);
