import {
  BLEEDS,
  COATINGS,
  FINISH_LORE,
  SUBSTRATE_LORE,
  FINISHES,
  LAYERS,
  MEETINGS,
  SUBSTRATES,
  WOODS,
  dryFilmUm,
  leavesFilm,
  layerLabel,
  meetingOf,
  textsOf,
} from '../../catalog';
import { showDuration } from '../../units';
import { section, sentence, sourceInWords, told, type HandbookEntry } from '../entry';

/** What a piece is made of and covered with, and what goes on it. */
export const materials: readonly HandbookEntry[] = [
  ...SUBSTRATES.rows.map((it) => ({
    id: `substrate-${it.id}`,
    chapter: 'materials' as const,
    title: sentence(it.label),
    ...told(SUBSTRATE_LORE[it.id], [
      ...section('What it takes', [
        it.stainable ? 'Can be stained.' : 'Takes no stain: paint, or new veneer.',
      ]),
      ...section('Worst mistake', [it.worstMistake]),
      ...section('Water', it.shunsWater ? ['A damp cloth only, dried at once.'] : []),
    ]),
    cautions: [],
    source: sourceInWords(it.source),
  })),
  ...WOODS.rows.map((it) => ({
    id: `wood-${it.id}`,
    chapter: 'materials' as const,
    title: sentence(it.label),
    summary: `Side hardness ${it.jankaLbf} lbf (${it.jankaOf}).`,
    sections: section(
      'Bleeds through white paint',
      BLEEDS.rows.flatMap(({ id, label }) => {
        const chance = id in it.bleeds ? it.bleeds[id as keyof typeof it.bleeds] : 0;
        return chance >= 0.01 ? [`${Math.round(chance * 100)} in 100 pieces ${label}.`] : [];
      }),
    ),
    cautions: [],
    source: `Hardness: ${sourceInWords(it.hardnessSource)} Bleed: ${sourceInWords(it.bleedSource)}`,
  })),
  ...FINISHES.rows.map((it) => ({
    id: `finish-${it.id}`,
    chapter: 'materials' as const,
    title: sentence(it.label),
    ...told(FINISH_LORE[it.id], [
      ...section('Where it lies', [
        it.paint
          ? 'A paint: old ones raise the question of lead.'
          : it.film
            ? 'A film on the surface.'
            : 'In the wood rather than on it.',
      ]),
      ...section(
        'Under new paint',
        it.repels ? ['Nothing sticks over it: wash it off first.'] : [],
      ),
      ...section('If it is smooth', it.glossy ? ['Scuff it, then a bonding primer.'] : []),
    ]),
    cautions: [],
    source: sourceInWords(it.source),
  })),
  ...COATINGS.rows.map((it) => ({
    id: `coating-${it.id}`,
    chapter: 'materials' as const,
    title: sentence(it.label),
    summary: `Next coat after ${showDuration(it.recoatMinutes)}, hard after ${it.cureDays} days, at 20–23 °C.`,
    sections: [
      ...section('How', textsOf(it.steps)),
      ...section(
        'Film of one coat',
        leavesFilm(it) ? [`About ${Math.round(dryFilmUm(it))} µm dry.`] : [],
      ),
      ...section('Clean up', [it.cleaner, it.sprayer]),
      ...section(
        'Not on',
        LAYERS.filter((layer) => MEETINGS[meetingOf(it.id, layer)].may === 'never').map(layerLabel),
      ),
      ...section(
        'Only with another coat between, on',
        LAYERS.filter((layer) => MEETINGS[meetingOf(it.id, layer)].may === 'barrier').map(
          layerLabel,
        ),
      ),
    ],
    cautions: it.protection,
    source: sourceInWords(it.source),
  })),
];
