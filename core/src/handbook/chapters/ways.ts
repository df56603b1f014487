import { SCHOOLS, STRIP_WAYS, TOOLS, REMOVERS_NOT_PROPOSED, textsOf } from '../../catalog';
import { section, sourceInWords, type HandbookEntry } from '../entry';

const stripWays: readonly HandbookEntry[] = STRIP_WAYS.rows.map((it) => ({
  id: `way-${it.id}`,
  chapter: 'ways',
  title: it.title,
  summary: it.makesDust ? 'Makes dust.' : 'Makes no dust.',
  sections: [...section('How', textsOf(it.steps)), ...section('Not on', [it.notOn])],
  cautions: [...it.cautions, ...it.protection],
  source: sourceInWords(it.source),
}));

/** What is asked about and never proposed. */
const removers: readonly HandbookEntry[] = REMOVERS_NOT_PROPOSED.map((it) => ({
  id: `remover-${it.id}`,
  chapter: 'ways',
  title: it.label,
  summary: 'Obrik never plans with it.',
  sections: section('Why not', it.says),
  cautions: [],
  source: sourceInWords(it.source),
}));

/** Where careful people differ. */
const schools: readonly HandbookEntry[] = SCHOOLS.rows.map((it) => ({
  id: `school-${it.id}`,
  chapter: 'ways',
  title: it.label,
  summary: 'Careful people differ. Choose yours in the settings.',
  sections: it.ways.map((way) => ({ title: way.label, lines: [way.because] })),
  cautions: [],
  source: sourceInWords(it.source),
}));

/** Tools that a route depends on. */
const tools: readonly HandbookEntry[] = TOOLS.rows.map((it) => ({
  id: `tool-${it.id}`,
  chapter: 'ways',
  title: it.label,
  summary: 'A tool that changes routes. Say in the settings whether the shop has one.',
  sections: [
    { title: 'With it', lines: [it.withIt] },
    { title: 'Without it', lines: [it.without] },
  ],
  cautions: [],
  source: sourceInWords(it.source),
}));

/** How work is done, what is never done, and where careful people differ. */
export const ways: readonly HandbookEntry[] = [...stripWays, ...removers, ...schools, ...tools];
