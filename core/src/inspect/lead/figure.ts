import { LEAD_LIMITS } from '../../catalog';
import { LOOK_WORDS } from '../../words';

const { lead: WORDS } = LOOK_WORDS;

/**
 * What a laboratory's figure means under United States rules.
 * @param ppm lead by weight, parts per million
 */
export const readLeadPpm = (ppm: number): { found: boolean; text: string } => {
  if (ppm >= LEAD_LIMITS.leadBasedPaintPpm.value) {
    return { found: true, text: WORDS.basedPaint(ppm) };
  }
  if (ppm > LEAD_LIMITS.consumerPaintPpm.value) {
    return { found: true, text: WORDS.overConsumer(ppm) };
  }
  return { found: false, text: WORDS.underConsumer(ppm) };
};
