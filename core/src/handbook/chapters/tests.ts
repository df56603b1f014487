import { INSPECTION_TESTS } from '../../catalog';
import { section, sourceInWords, type HandbookEntry } from '../entry';

/** Every test and look. */
export const tests: readonly HandbookEntry[] = INSPECTION_TESTS.map((it) => ({
  id: `test-${it.id}`,
  chapter: 'tests',
  title: it.title,
  summary: `${it.minutes} min. ${it.harm === 'None.' ? 'Does no harm.' : it.harm}`,
  sections: [
    ...section('Where', [it.where]),
    ...section('How', it.how),
    ...section(
      it.kind === 'reading' ? 'How the figure is read' : 'What you may see',
      it.kind === 'reading'
        ? [
            `Plausible is ${it.min} to ${it.max} ${it.unit}.`,
            ...it.bands.map((band) =>
              Number.isFinite(band.upTo)
                ? `Up to ${band.upTo} ${it.unit}: ${band.label}.`
                : `Above: ${band.label}.`,
            ),
          ]
        : it.outcomes.map((outcome) => outcome.label),
    ),
    ...section('Can mislead', [it.misleads]),
    ...section('Uses up', it.uses ? [it.uses] : []),
  ],
  cautions: it.protection,
  source: sourceInWords(it.source),
}));
