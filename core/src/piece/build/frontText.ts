import { counted, listed } from '../../words';
import { cell, type Cell, type Front } from './front';

/*
 * A front in one line, for those who type: lanes apart by "|" (beside each other) or "/" (one above
 * the other), cells of a lane apart by ",". A number before a word repeats it, one after "x" is its
 * share: "door | 3 drawers | door", "2 drawers / drawer x2 / drawer x2".
 */

const WORDS: Readonly<Record<string, Partial<Cell> & Pick<Cell, 'kind'>>> = {
  drawer: { kind: 'drawer' },
  'false drawer': { kind: 'falseDrawer' },
  door: { kind: 'door' },
  'panelled door': { kind: 'door', style: 'panelled' },
  'glazed door': { kind: 'door', style: 'glazed' },
  'louvred door': { kind: 'door', style: 'louvred' },
  open: { kind: 'open' },
  panel: { kind: 'panel' },
};

/** All words that a front can be told in. */
const KNOWN = Object.keys(WORDS);

const wordOf = (it: Cell): string =>
  KNOWN.find((word) => {
    const row = WORDS[word];
    return row?.kind === it.kind && (it.kind !== 'door' || (row.style ?? 'plain') === it.style);
  }) ?? 'panel';

const shelved = (it: Cell): string =>
  it.shelves > 0 && (it.kind === 'open' || it.kind === 'door')
    ? ` with ${counted(it.shelves, 'shelf', 'shelves')}`
    : '';

const marked = (it: Cell): string => (it.set === '' ? '' : ` #${it.set}`);
const sized = (size: number): string => (size === 1 ? '' : ` x${Math.round(size * 100) / 100}`);

const plural = (word: string): string => (word === 'open' ? word : `${word}s`);

const cellsText = (cells: readonly Cell[]): string => {
  const runs: { readonly it: Cell; count: number }[] = [];
  for (const it of cells) {
    const last = runs.at(-1);
    if (last && JSON.stringify(last.it) === JSON.stringify(it)) last.count += 1;
    else runs.push({ it, count: 1 });
  }
  return runs
    .map(({ it, count }) => {
      const word = count === 1 ? wordOf(it) : `${count} ${plural(wordOf(it))}`;
      return `${word}${shelved(it)}${sized(it.size)}${marked(it)}`;
    })
    .join(', ');
};

/** A front as one line. */
export const frontToText = ({ lanes, of }: Front): string =>
  of
    .map(
      (one) =>
        (one.size === 1 ? '' : `${Math.round(one.size * 100) / 100}: `) + cellsText(one.cells),
    )
    .join(lanes === 'columns' ? ' | ' : ' / ');

const SHELL_WORDS: Readonly<Record<Cell['kind'], string>> = {
  drawer: 'drawer',
  falseDrawer: 'false drawer',
  door: 'door',
  open: 'open place',
  panel: 'panel',
};

/** "2 drawers and 1 door". */
const cellsInWords = (cells: readonly Cell[]): string => {
  const counts = new Map<string, number>();
  for (const { kind } of cells) {
    counts.set(SHELL_WORDS[kind], (counts.get(SHELL_WORDS[kind]) ?? 0) + 1);
  }
  return listed([...counts].map(([word, count]) => counted(count, word)));
};

/** A front in whole words, for whoever typed it: "3 rows: 2 drawers in each". */
export const frontInWords = ({ lanes, of }: Front): string => {
  const [lane, along] =
    lanes === 'columns' ? ['column', 'one above the other'] : ['row', 'side by side'];
  const told = of.map((it) => cellsInWords(it.cells));
  const [first] = told;
  const lines = counted(of.length, lane);
  if (told.every((it) => it === first)) {
    const many = (of[0]?.cells.length ?? 0) > 1 ? `, ${along}` : '';
    return of.length === 1 ? `${lines}: ${first}${many}` : `${lines}, in each ${first}${many}`;
  }
  return `${lines}: ${told.map((it, at) => `${lane} ${at + 1} with ${it}`).join('; ')}`;
};

/**
 * What "2 drawers x3" was perhaps meant as: that lane so many times, where a whole number of times larger is an odd thing to say.
 * @returns the line that says it, and how many lanes; undefined where nothing looks like that
 */
export const meantAsLanes = (
  text: string,
): { readonly line: string; readonly lanes: number } | undefined => {
  if (/[|/,]/.test(text)) return undefined;
  const found = /^(.*\S)\s+x(\d{1,2})\s*$/i.exec(text);
  const lanes = Number(found?.[2] ?? 0);
  const lane = found?.[1] ?? '';
  return lanes >= 2 && lanes <= MOST_LANES
    ? { line: Array.from({ length: lanes }, () => lane).join(' / '), lanes }
    : undefined;
};

const MOST_LANES = 20;

const CELL =
  /^(?:(\d{1,2})\s+)?([a-z ]+?)(?:\s+with\s+(\d{1,2})\s+shel(?:f|ves))?(?:\s+x(\d+(?:\.\d+)?))?(?:\s+#([a-z0-9]{1,6}))?$/;

/** What was not understood of a front that was typed. */
export interface FrontProblem {
  readonly problem: string;
}

const readCells = (text: string): readonly Cell[] | FrontProblem => {
  const cells: Cell[] = [];
  for (const part of text.split(',')) {
    const told = part.trim().toLowerCase().replace(/\s+/g, ' ');
    const found = CELL.exec(told);
    const name = found?.[2]?.trim() ?? '';
    const row = WORDS[name] ?? WORDS[name.replace(/s$/, '')];
    if (!found || !row) {
      return { problem: `“${part.trim()}” is not known here. Use ${KNOWN.join(', ')}.` };
    }
    const read = cell.safeParse({
      ...row,
      shelves: Number(found[3] ?? 0),
      size: Number(found[4] ?? 1),
      set: found[5] ?? '',
    });
    if (!read.success) return { problem: `“${part.trim()}”: ${read.error.issues[0]?.message}` };
    for (let count = Number(found[1] ?? 1); count > 0; count--) cells.push(read.data);
  }
  return cells.length > 12 ? { problem: 'Twelve cells in a lane at most.' } : cells;
};

/** Reads a front from one line; says what it does not understand. */
export const textToFront = (text: string): Front | FrontProblem => {
  const [beside, above] = [text.includes('|'), text.includes('/')];
  if (beside && above) {
    return {
      problem:
        'Use “|” for lanes beside each other or “/” for lanes one above the other, not both.',
    };
  }
  const of: Front['of'] = [];
  for (const part of text.split(beside ? '|' : '/')) {
    const [, size, rest] = /^\s*(?:(\d+(?:\.\d+)?)\s*:)?([^]*)$/.exec(part) ?? [];
    const cells = readCells(rest ?? '');
    if ('problem' in cells) return cells;
    of.push({ size: Number(size ?? 1), cells: [...cells] });
  }
  if (of.length > MOST_LANES) return { problem: 'Twenty lanes at most.' };
  if (of.some((it) => !(it.size >= 0.05 && it.size <= 20))) {
    return { problem: 'A lane’s share lies between 0.05 and 20.' };
  }
  return { lanes: beside ? 'columns' : 'rows', of };
};
