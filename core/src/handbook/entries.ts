import {
  BLEEDS,
  COATINGS,
  DAMAGES,
  DAMAGE_LORE,
  FINISH_LORE,
  SUBSTRATE_LORE,
  FINISHES,
  GRITS,
  GRIT_SOURCE,
  INSPECTION_TESTS,
  LAYERS,
  MEETINGS,
  SCHOOLS,
  STRIP_WAYS,
  SUBSTRATES,
  TOOLS,
  WOODS,
  dryFilmUm,
  leavesFilm,
  REMOVERS_NOT_PROPOSED,
  layerLabel,
  meetingOf,
  textsOf,
  type Lore,
  type Repair,
  type SourceMark,
} from '../catalog';
import { ladderSteps } from '../sanding';
import { showDuration, type UnitSystem } from '../units';
import { inDialect } from '../words';

export const CHAPTERS = ['tests', 'materials', 'damages', 'grits', 'ways'] as const;
export type Chapter = (typeof CHAPTERS)[number];

/** One entry of the handbook, made from a row of the catalog. */
export interface HandbookEntry {
  readonly id: string;
  readonly chapter: Chapter;
  readonly title: string;
  /** What it is, in a sentence. */
  readonly summary: string;
  readonly sections: readonly { readonly title: string; readonly lines: readonly string[] }[];
  readonly cautions: readonly string[];
  readonly source: string;
  /** Words that people look it up by, beside those that it holds. */
  readonly says?: string;
}

/** A source mark in words. */
export const sourceInWords = (it: SourceMark): string => {
  switch (it.mark) {
    case 'S':
      return `Published: ${it.cite}.`;
    case 'P':
      return 'Common practice of the trade, no source.';
    case 'J':
      return 'A modelling judgement: your own log may correct it.';
  }
};

const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const section = (title: string, lines: readonly string[]) =>
  lines.length > 0 ? [{ title, lines }] : [];

/** What it is, how to tell, and what goes wrong; how it is done stands between. */
const told = (
  it: Lore,
  done: HandbookEntry['sections'] = [],
): Pick<HandbookEntry, 'summary' | 'sections' | 'says'> => ({
  summary: it.what,
  sections: [
    ...section('How to tell', [it.tell]),
    ...done,
    ...section('What goes wrong', [it.wrong]),
  ],
  says: it.says,
});

const tests: readonly HandbookEntry[] = INSPECTION_TESTS.map((it) => ({
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

const repairs = (title: string, it: Repair | undefined) =>
  section(
    title,
    it
      ? [it.title, ...textsOf(it.steps), ...(it.waitMinutes > 0 ? [`Wait until ${it.until}.`] : [])]
      : [],
  );

const damages: readonly HandbookEntry[] = DAMAGES.rows.map((it) => {
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

const materials: readonly HandbookEntry[] = [
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

const grits: readonly HandbookEntry[] = GRITS.map((it) => ({
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

const ways: readonly HandbookEntry[] = STRIP_WAYS.rows.map((it) => ({
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

/** Every entry, chapter by chapter. */
export const HANDBOOK: readonly HandbookEntry[] = [
  ...tests,
  ...materials,
  ...damages,
  ...grits,
  ...ways,
  ...removers,
  ...schools,
  ...tools,
];

const textOf = (it: HandbookEntry): string =>
  [
    it.title,
    it.summary,
    it.says ?? '',
    ...it.sections.flatMap((one) => [one.title, ...one.lines]),
    ...it.cautions,
  ]
    .join(' ')
    .toLowerCase();

/** Found by either name of a material. */
const TEXTS = new Map(
  HANDBOOK.map((it) => [it.id, `${textOf(it)} ${textOf(inDialect(it, 'metric'))}`]),
);

/** Does a text, in small letters, hold every word asked for? Nothing asked for is held by any. */
export const holdsWords = (text: string, asked: string): boolean =>
  asked
    .toLowerCase()
    .split(/\s+/)
    .filter(Boolean)
    .every((word) => text.includes(word));

/**
 * Entries that hold every word asked for, those with the words in the title first.
 * @param asked words in any order; empty gives all
 * @param units of the shop: materials are called as they are said there
 */
export const searchHandbook = (
  asked: string,
  chapter?: Chapter,
  units: UnitSystem = 'us',
): readonly HandbookEntry[] => {
  const inTitle = (it: HandbookEntry) => holdsWords(it.title.toLowerCase(), asked);
  return HANDBOOK.filter(
    (it) => (!chapter || it.chapter === chapter) && holdsWords(TEXTS.get(it.id) ?? '', asked),
  )
    .sort((a, b) => Number(inTitle(b)) - Number(inTitle(a)))
    .map((it) => inDialect(it, units));
};
