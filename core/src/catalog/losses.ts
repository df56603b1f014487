import { JUDGEMENT } from './source';

/**
 * Roller sleeves that a brushed or rolled coat of film uses up, by whether they wash out in water (J):
 * a waterborne coat is washed out twice before the sleeve sheds; shellac and oil ruin one each time.
 */
export const SLEEVES_A_COAT = { washable: 1 / 3, other: 1, source: JUDGEMENT } as const;

/**
 * What a coat takes beside the film, litres for each time that the can is opened for it: what stays
 * in tray, brush and roller, or in cup and hose of the gun; and the least that a brush can be dipped
 * into or a gun draws up (modelling judgement).
 */
export const COAT_LOSSES = {
  brushed: { stays: 0.04, least: 0.1 },
  sprayed: { stays: 0.08, least: 0.2 },
  source: JUDGEMENT,
} as const;
