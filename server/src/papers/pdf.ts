import type { Paper, PaperBlock, PaperLine } from '@obrik/core/route';
import type { PaperDrawing } from '@obrik/core/piece';
import pdfmake from 'pdfmake';
import type { Column, Content, CustomTableLayout, TDocumentDefinitions } from 'pdfmake/interfaces';

/** Files of the typeface that papers are set in. */
export interface Typeface {
  readonly plain: string;
  readonly bold: string;
}

/** The typeface of the app, found where the packages are. */
export const typefaceFrom = (resolve: (file: string) => string): Typeface => {
  const style = (it: string): string =>
    resolve(
      `@expo-google-fonts/atkinson-hyperlegible-next/${it}/AtkinsonHyperlegibleNext_${it}.ttf`,
    );
  return { plain: style('400Regular'), bold: style('700Bold') };
};

/** Inks on white paper, as on the screen's light side. */
const INKS = { plain: '#1f1a17', quiet: '#5b524b', warning: '#a8301a', line: '#cfc6bb' } as const;
const MARGIN = 48;
/** Width of what is written on A4, points. */
const WIDTH = 595.28 - 2 * MARGIN;
const SIZE = 10;
const TICK = 11;
const NAME_SIZE = 8;
/** Height of a picture on the sheet, points. */
const PICTURE = 170;
const GAP = 12;

/** The typeface has the Greek letter mu, and not the micro sign that looks the same. */
const inGlyphs = (text: string): string => text.replaceAll('\u00b5', '\u03bc');

const lineOf = ({ text, bold = false, ink }: PaperLine): Content => ({
  text: inGlyphs(text),
  bold,
  color: INKS[ink ?? 'plain'],
});

/** Made anew for each place: the layout writes into what it is given. */
const rule = (): Content => ({
  canvas: [{ type: 'line', x1: 0, y1: 0, x2: WIDTH, y2: 0, lineWidth: 0.5, lineColor: INKS.line }],
});

const box = (): Column => ({
  width: TICK + 9,
  canvas: [{ type: 'rect', x: 0, y: 2, w: TICK, h: TICK, lineWidth: 1, lineColor: INKS.plain }],
});

const FRAME: CustomTableLayout = {
  hLineColor: () => INKS.warning,
  vLineColor: () => INKS.warning,
  paddingLeft: () => 8,
  paddingRight: () => 8,
  paddingTop: () => 6,
  paddingBottom: () => 6,
};

/** The lines of a block as it is marked. */
const marked = ({ mark, lines }: PaperBlock): Content => {
  const stack = lines.map(lineOf);
  switch (mark) {
    case 'tick':
      return [rule(), { columns: [box(), { width: '*', stack }], margin: [0, 4, 0, 2] }];
    case 'rule':
      return [rule(), { stack, margin: [0, 4, 0, 2] }];
    case 'frame':
      return { table: { widths: ['*'], body: [[{ stack }]] }, layout: FRAME, margin: [0, 0, 0, 4] };
    case undefined:
      return { stack, margin: [0, 4, 0, 2] };
  }
};

/** Pictures side by side, each with its caption below. */
const picturesOf = (
  pictures: NonNullable<PaperBlock['pictures']>,
  photos: ReadonlyMap<string, Uint8Array>,
): Content => {
  const width = (WIDTH - GAP * (pictures.length - 1)) / pictures.length;
  return {
    columnGap: GAP,
    margin: [0, 0, 0, 8],
    columns: pictures.map(({ photoId, caption }) => {
      const bytes = photos.get(photoId);
      const type = bytes?.[0] === 0x89 ? 'png' : 'jpeg';
      const image = bytes && `data:image/${type};base64,${Buffer.from(bytes).toString('base64')}`;
      return {
        width,
        stack: [
          ...(image ? [{ image, fit: [width, PICTURE] as [number, number] }] : []),
          { ...{ text: inGlyphs(caption), color: INKS.quiet, noWrap: true }, margin: [0, 4, 0, 0] },
        ],
      };
    }),
  };
};

const blockOf = (block: PaperBlock, photos: ReadonlyMap<string, Uint8Array>): Content => ({
  unbreakable: true,
  stack: [marked(block), ...(block.pictures ? [picturesOf(block.pictures, photos)] : [])],
});

const escaped = (text: string): string => text.replace(/[&<>"]/g, (it) => `&#${it.charCodeAt(0)};`);

/** The drawing of the piece, line for line as on the screen. */
const drawn = ({ width, height, faces, names }: PaperDrawing): Content => {
  const path = (d: string, fill: string, stroke: string) =>
    `<path d="${d}" fill="${fill}" stroke="${stroke}" stroke-width="0.6"/>`;
  const outlines = faces.flatMap(({ outline, deep, lines, dots }) => [
    outline ? path(outline, deep ? INKS.line : '#ffffff', INKS.plain) : '',
    lines ? path(lines, 'none', INKS.plain) : '',
    dots ? path(dots, INKS.plain, 'none') : '',
  ]);
  const words = names.map(
    ({ x, y, text }) =>
      `<text x="${x}" y="${y + NAME_SIZE / 3}" font-size="${NAME_SIZE}" text-anchor="middle" fill="${INKS.plain}">${escaped(inGlyphs(text))}</text>`,
  );
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" font-family="paper" viewBox="0 0 ${width} ${height}">${[...outlines, ...words].join('')}</svg>`;
  return { svg, width, margin: [0, 0, 0, 10] };
};

const sectionOf = (
  { heading, blocks }: Paper['sections'][number],
  photos: ReadonlyMap<string, Uint8Array>,
): Content => {
  const [first, ...rest] = blocks.map((it) => blockOf(it, photos));
  if (!heading) return [first ?? '', ...rest];
  const above: Content = {
    text: inGlyphs(heading),
    bold: true,
    fontSize: 12,
    margin: [0, 6, 0, 2],
  };
  // A heading is never the last line of a page.
  return [{ unbreakable: true, stack: [above, first ?? ''] }, ...rest];
};

/**
 * Sets a paper as a PDF, A4, with the typeface embedded.
 * @param photos JPEG or PNG by id; a picture that is not among them is told by its caption alone
 * @returns the bytes of the file
 */
export const asPdf = (
  paper: Paper,
  typeface: Typeface,
  photos: ReadonlyMap<string, Uint8Array> = new Map(),
): Promise<Buffer> => {
  pdfmake.setFonts({ paper: { normal: typeface.plain, bold: typeface.bold } });
  // A paper holds all that it shows: nothing is fetched, and no file is read but the typeface.
  pdfmake.setUrlAccessPolicy(() => false);
  pdfmake.setLocalAccessPolicy((file) => file === typeface.plain || file === typeface.bold);
  const sheet: TDocumentDefinitions = {
    pageSize: 'A4',
    pageMargins: MARGIN,
    info: { title: paper.title, creator: 'Obrik' },
    defaultStyle: { font: 'paper', fontSize: SIZE, color: INKS.plain },
    content: [
      { text: inGlyphs(paper.title), bold: true, fontSize: 20 },
      { stack: paper.intro.map(lineOf), margin: [0, 0, 0, 6] },
      ...(paper.drawing ? [drawn(paper.drawing)] : []),
      ...paper.sections.map((it) => sectionOf(it, photos)),
      marked({ mark: 'rule', lines: [{ ink: 'quiet', text: paper.foot }] }),
    ],
  };
  return pdfmake.createPdf(sheet).getBuffer();
};
