import type { Lore, SourceMark } from '../catalog';

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

/** At the start of a title. */
export const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A section of these lines; none where there is nothing to say. */
export const section = (title: string, lines: readonly string[]) =>
  lines.length > 0 ? [{ title, lines }] : [];

/** What it is, how to tell, and what goes wrong; how it is done stands between. */
export const told = (
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
