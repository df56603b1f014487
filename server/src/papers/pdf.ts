import type { Paper, PaperBlock, PaperLine } from '@obrik/core/route';
import type { PaperDrawing } from '@obrik/core/piece';
import PDFDocument from 'pdfkit';

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
const SIZE = 10;
const TICK = 11;
const NAME_SIZE = 8;

/** The typeface has the Greek letter mu, and not the micro sign that looks the same. */
const inGlyphs = (text: string): string => text.replaceAll('\u00b5', '\u03bc');

type Sheet = PDFKit.PDFDocument;

const fontOf = ({ bold }: PaperLine): keyof Typeface => (bold ? 'bold' : 'plain');
const inkOf = ({ ink }: PaperLine): string => INKS[ink ?? 'plain'];

const indentOf = ({ mark }: PaperBlock): number =>
  mark === 'tick' ? TICK + 9 : mark === 'frame' ? 8 : 0;

const widthOf = (sheet: Sheet, block: PaperBlock): number =>
  sheet.page.width - 2 * MARGIN - indentOf(block) - (block.mark === 'frame' ? 8 : 0);

const heightOf = (sheet: Sheet, block: PaperBlock): number =>
  block.lines.reduce(
    (sum, line) =>
      sum +
      sheet
        .font(fontOf(line))
        .fontSize(SIZE)
        .heightOfString(inGlyphs(line.text), { width: widthOf(sheet, block) }),
    block.mark === 'frame' ? 16 : 6,
  );

/** Starts a new page where less than this is left. */
const keep = (sheet: Sheet, height: number): void => {
  if (sheet.y + height > sheet.page.height - MARGIN) sheet.addPage();
};

const write = (sheet: Sheet, block: PaperBlock): void => {
  const height = heightOf(sheet, block);
  keep(sheet, height);
  const [left, top] = [MARGIN, sheet.y];
  if (block.mark === 'tick' || block.mark === 'rule') {
    sheet
      .moveTo(left, top)
      .lineTo(sheet.page.width - MARGIN, top)
      .lineWidth(0.5)
      .stroke(INKS.line);
  }
  if (block.mark === 'tick')
    sheet
      .rect(left, top + 6, TICK, TICK)
      .lineWidth(1)
      .stroke(INKS.plain);
  if (block.mark === 'frame') {
    sheet
      .rect(left, top, sheet.page.width - 2 * MARGIN, height - 4)
      .lineWidth(1)
      .stroke(INKS.warning);
  }
  sheet.y = top + (block.mark === 'frame' ? 6 : 4);
  for (const line of block.lines) {
    sheet
      .font(fontOf(line))
      .fontSize(SIZE)
      .fillColor(inkOf(line))
      .text(inGlyphs(line.text), left + indentOf(block), sheet.y, { width: widthOf(sheet, block) });
  }
  sheet.y = top + height;
};

/** The drawing of the piece, line for line as on the screen. */
const draw = (sheet: Sheet, it: PaperDrawing): void => {
  keep(sheet, it.height + 10);
  const top = sheet.y;
  sheet.save().translate(MARGIN, top).lineWidth(0.6);
  for (const { outline, deep, lines, dots } of it.faces) {
    if (outline) sheet.path(outline).fillAndStroke(deep ? INKS.line : '#ffffff', INKS.plain);
    if (lines) sheet.path(lines).stroke(INKS.plain);
    if (dots) sheet.path(dots).fill(INKS.plain);
  }
  sheet.font('plain').fontSize(NAME_SIZE).fillColor(INKS.plain);
  for (const { x, y, text } of it.names) {
    const name = inGlyphs(text);
    sheet.text(name, x - sheet.widthOfString(name) / 2, y - NAME_SIZE / 2, { lineBreak: false });
  }
  sheet.restore();
  sheet.x = MARGIN;
  sheet.y = top + it.height + 10;
};

/** Height of a picture on the sheet, points. */
const PICTURE = 170;
const GAP = 12;

/** Pictures side by side, each with its caption below. */
const showPictures = (
  sheet: Sheet,
  pictures: NonNullable<PaperBlock['pictures']>,
  photos: ReadonlyMap<string, Uint8Array>,
): void => {
  keep(sheet, PICTURE + 24);
  const top = sheet.y;
  const width = (sheet.page.width - 2 * MARGIN - GAP * (pictures.length - 1)) / pictures.length;
  pictures.forEach(({ photoId, caption }, nth) => {
    const left = MARGIN + nth * (width + GAP);
    const bytes = photos.get(photoId);
    if (bytes) sheet.image(Buffer.from(bytes), left, top, { fit: [width, PICTURE] });
    sheet
      .font('plain')
      .fontSize(SIZE)
      .fillColor(INKS.quiet)
      .text(inGlyphs(caption), left, top + PICTURE + 4, { width, lineBreak: false });
  });
  sheet.x = MARGIN;
  sheet.y = top + PICTURE + 24;
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
): Promise<Buffer> =>
  new Promise((resolve, reject) => {
    const sheet = new PDFDocument({
      size: 'A4',
      font: typeface.plain,
      margin: MARGIN,
      info: { Title: paper.title, Creator: 'Obrik' },
    });
    const chunks: Buffer[] = [];
    sheet.on('data', (chunk: Buffer) => chunks.push(chunk));
    sheet.on('end', () => resolve(Buffer.concat(chunks)));
    sheet.on('error', reject);
    sheet.registerFont('plain', typeface.plain).registerFont('bold', typeface.bold);
    sheet.font('bold').fontSize(20).fillColor(INKS.plain).text(inGlyphs(paper.title));
    for (const line of paper.intro) {
      sheet.font(fontOf(line)).fontSize(SIZE).fillColor(inkOf(line)).text(inGlyphs(line.text));
    }
    sheet.moveDown(0.5);
    if (paper.drawing) draw(sheet, paper.drawing);
    for (const { heading, blocks } of paper.sections) {
      const [first] = blocks;
      if (heading) {
        keep(sheet, 24 + (first ? heightOf(sheet, first) : 0));
        sheet
          .font('bold')
          .fontSize(12)
          .fillColor(INKS.plain)
          .text(heading, MARGIN, sheet.y + 6);
        sheet.moveDown(0.2);
      }
      for (const block of blocks) {
        write(sheet, block);
        if (block.pictures) showPictures(sheet, block.pictures, photos);
      }
    }
    write(sheet, { mark: 'rule', lines: [{ ink: 'quiet', text: paper.foot }] });
    sheet.end();
  });
