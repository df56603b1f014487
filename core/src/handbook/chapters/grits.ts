import { GRITS, GRIT_SOURCE } from '../../catalog';
import { ladderSteps } from '../../sanding';
import { section, sourceInWords, type HandbookEntry } from '../entry';

/** Every paper of the scale. */
export const grits: readonly HandbookEntry[] = GRITS.map((it) => ({
  id: `grit-${it.grit}`,
  chapter: 'grits',
  title: `P${it.grit}`,
  summary: `Median grain ${it.grainUm} µm.`,
  sections: section('Next paper that clears its scratches', [
    ladderSteps(it.grit)
      .map((grit) => `P${grit}`)
      .join(', ') || 'None on the scale.',
  ]),
  cautions: [],
  source: sourceInWords(GRIT_SOURCE),
}));
