import { DAMAGES, DAMAGE_LORE, textsOf, type Repair } from '../../catalog';
import { section, sourceInWords, told, type HandbookEntry } from '../entry';

const repairs = (title: string, it: Repair | undefined) =>
  section(
    title,
    it
      ? [it.title, ...textsOf(it.steps), ...(it.waitMinutes > 0 ? [`Wait until ${it.until}.`] : [])]
      : [],
  );

/** Every damage: how to tell it, and how it is repaired under paint and under clear. */
export const damages: readonly HandbookEntry[] = DAMAGES.rows.map((it) => {
  const [paint, clear] = [
    'underPaint' in it ? it.underPaint : undefined,
    'underClear' in it ? it.underClear : undefined,
  ];
  return {
    id: `damage-${it.id}`,
    chapter: 'damages',
    title: it.label,
    ...told(DAMAGE_LORE[it.id], [
      ...repairs('Where paint will cover it', paint),
      ...repairs('Where wood is seen', clear),
    ]),
    cautions: [paint?.caution, clear?.caution].filter((one) => one !== undefined),
    source: sourceInWords(it.source),
  };
});
