import { ABOVE_DEW_POINT, COATING_AIR, DAMP_ABOVE_POINTS, PH_LIMITS } from '../../catalog';
import { showTemperature, type UnitSystem } from '../../units';

export const moisture = {
  title: 'Let the wood dry, then measure again',
  how: (atRest: number): readonly string[] => [
    'Off the floor, in moving air, not near a stove: what dries on one side only warps.',
    `Measure the same three spots each day, and record it on Look. Dry enough is under ${(atRest + DAMP_ABOVE_POINTS.value).toFixed(0)} %.`,
    'It does not fall in three days? Look for where the water comes from, and bring the shop’s humidity down.',
  ],
  question: 'What does the meter read now?',
  answers: {
    dryEnough: ['Dry enough', 'Glue, filler and coats may go on.'],
    stillDamp: [
      'Still damp',
      'Wait on: a coat over damp wood blisters, and filler falls out as it dries.',
    ],
  },
} as const;

export const ph = {
  title: 'Rinse and neutralise once more',
  because: (reading: number) =>
    `pH ${reading.toFixed(1)} was read; coats hold between ${PH_LIMITS.from} and ${PH_LIMITS.to}, and peel or turn colour outside.`,
  how: (sour: boolean): readonly string[] => [
    sour
      ? 'A teaspoon of baking soda in a litre of water, wiped on, left two minutes.'
      : 'Vinegar and water half and half, wiped on, left two minutes.',
    'Rinse with clear water twice, wipe dry at once.',
    'Dry two days. Wet a spot with clean water, press the strip on, and record it on Look.',
  ],
  question: 'What does the pH strip read now?',
  answers: {
    neutral: [`Between ${PH_LIMITS.from} and ${PH_LIMITS.to}`, 'The coats may go on.'],
    notNeutral: ['Outside', 'Once more: it is the residue that has to come out.'],
  },
} as const;

const FAULTS = {
  cold: 'a coat below its lowest temperature does not knit, and stays soft or cracks',
  humid: 'in air so humid water-based coats hang wet and clear ones turn milky',
  dew: 'the face is so near the dew point that water settles under the coat',
} as const;

export const air = {
  title: 'Bring the air into range first',
  because: (
    fault: keyof typeof FAULTS,
    it: { readonly airCelsius: number; readonly airHumidity: number; readonly units: UnitSystem },
  ) =>
    `The shop has ${showTemperature(it.airCelsius, it.units)} and ${Math.round(it.airHumidity)} %: ${FAULTS[fault]}.`,
  how: (units: UnitSystem): readonly string[] => [
    `Wanted: at least ${showTemperature(COATING_AIR.fromCelsius, units)}, at most ${COATING_AIR.toHumidity} % humidity, and the face ${ABOVE_DEW_POINT.value} K or more above the dew point; the label may ask for more.`,
    'Heat without a flame, or a dehumidifier; the piece stands in it overnight, since a cold face lags behind the air.',
    'Or coat it somewhere warmer. Then put the new air into the shop’s settings.',
  ],
  question: 'Is the air in range?',
  answers: {
    airInRange: ['In range', 'Enter it in the shop’s settings; the coats may go on.'],
  },
} as const;
