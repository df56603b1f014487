import { placeClock } from '../../clock';
import { ticketNumber, yearsInWords } from '../../ticket';
import { paperDrawing, surfacesOf, type PaperDrawing, type Piece, type Shop } from '../../piece';
import { phaseInWords, aimInWords, careWords, routeWords, stepInWords } from '../../words';
import type { CareSheet } from './careSheet';
import type { Operation, Route } from '../order/operation';
import { byPhase } from '../plan';
import { stepsOf } from './steps';
import { whereOf } from './text';

/** A line of print. */
export interface PaperLine {
  readonly text: string;
  readonly bold?: boolean;
  /** Quiet for what is said beside; warning for what can hurt. */
  readonly ink?: 'quiet' | 'warning';
}

/** Lines that stay on one page. */
export interface PaperBlock {
  readonly lines: readonly PaperLine[];
  /** A box to tick before it, a rule above it, or a warning frame around it. */
  readonly mark?: 'tick' | 'rule' | 'frame';
  /** Beside each other, below the lines. */
  readonly pictures?: readonly { readonly photoId: string; readonly caption: string }[];
}

/** A sheet of paper: what is printed from the screen, and what goes into a PDF. */
export interface Paper {
  readonly title: string;
  readonly intro: readonly PaperLine[];
  /** The piece unfolded, after the introduction. */
  readonly drawing?: PaperDrawing;
  readonly sections: readonly {
    readonly heading?: string;
    readonly blocks: readonly PaperBlock[];
  }[];
  readonly foot: string;
}

/** What a paper says of a piece beside what it is about. */
export interface Ticket {
  /** Its number in the shop, as on the ticket. */
  readonly number: string;
  readonly revision: number;
  /** When it is printed, ms since 1970. */
  readonly printedAt: number;
  /** Whose clock its days and times are told by. */
  readonly timeZone: string;
}

/** The ticket of a piece for a paper that is printed now. */
export const ticketFor = (
  { number, revision }: { readonly number: number | null; readonly revision: number },
  { timeZone }: Pick<Shop, 'timeZone'>,
  now: Date,
): Ticket => ({ number: ticketNumber(number), revision, printedAt: now.getTime(), timeZone });

/** The day on which a paper is printed, in words. */
export const printedOn = ({ printedAt, timeZone }: Ticket): string =>
  placeClock(timeZone).day(printedAt);

const stepOf = (piece: Piece, it: Operation, numbers: ReadonlyMap<string, number>): PaperBlock => ({
  mark: 'tick',
  lines: [
    {
      bold: true,
      text: stepInWords(it, numbers.get(it.id) ?? 0),
    },
    { ink: 'quiet', text: whereOf(piece, it) },
    ...(it.heldBy.length > 0
      ? [
          {
            bold: true,
            ink: 'warning',
            text: routeWords.heldUntil(it.heldBy.map((id) => numbers.get(id)).join(', ')),
          } as const,
        ]
      : []),
    ...(it.gate ? [{ bold: true, text: `? ${it.gate.question}` }] : []),
    { text: it.how.join(' ') },
    ...(it.protection.length > 0
      ? [{ ink: 'quiet', text: routeWords.wear(it.protection) } as const]
      : []),
    ...it.cautions.map(
      (one) => ({ ink: 'warning', text: `! ${one.text} ${one.lastWord}` }) as const,
    ),
  ],
});

/** Room for the drawing on a sheet of A4, points. */
const ON_PAPER = { width: 480, height: 170 } as const;

/** The route card for the wall: the whole route with boxes to tick. */
export const routeCard = (piece: Piece, route: Route, ticket: Ticket): Paper => {
  const { numbers } = stepsOf(piece, route);
  return {
    title: `${ticket.number} · ${piece.name}`,
    intro: [
      {
        ink: 'quiet',
        text: routeWords.printed(
          yearsInWords(piece),
          routeWords.summary(route.operations.length, route.minutes),
          printedOn(ticket),
          ticket.revision,
        ),
      },
      ...(piece.keep ? [{ text: routeWords.keep(piece.keep) }] : []),
    ],
    drawing: paperDrawing(piece.build, ON_PAPER.width, ON_PAPER.height),
    sections: [
      {
        blocks: [
          {
            mark: 'rule',
            lines: surfacesOf(piece).map((surface) => {
              const aim = piece.aims.find((it) => it.surfaceId === surface.id);
              return {
                text: `${surface.name}${surface.count > 1 ? ` ×${surface.count}` : ''}: ${aim ? aimInWords(aim) : routeWords.noAimYet}`,
              };
            }),
          },
          ...route.refusals.map((it): PaperBlock => ({
            mark: 'frame',
            lines: [
              { bold: true, ink: 'warning', text: it.title },
              { text: `${it.because} ${it.waysOut.join(' ')}` },
            ],
          })),
        ],
      },
      ...byPhase(route).map(({ phase, operations }) => ({
        heading: phaseInWords(phase).toUpperCase(),
        blocks: operations.map((it) => stepOf(piece, it, numbers)),
      })),
    ],
    foot: routeWords.foot,
  };
};

/** The care sheet as the owner gets it. */
export const careSheetPaper = (piece: Piece, sheet: CareSheet, ticket: Ticket): Paper => ({
  title: careWords.title(piece.name),
  intro: [
    {
      ink: 'quiet',
      text: careWords.intro(
        ticket.number,
        printedOn(ticket),
        sheet.asDone && sheet.lastCoatAt
          ? placeClock(ticket.timeZone).day(Date.parse(sheet.lastCoatAt))
          : null,
      ),
    },
  ],
  sections: [
    {
      heading: careWords.howToTreat,
      blocks: [{ lines: sheet.rules.map((text) => ({ text })) }],
    },
    {
      heading: careWords.whatIsOn,
      blocks: sheet.surfaces.map((it) => ({
        mark: 'rule',
        lines: [
          { bold: true, text: it.name },
          {
            text: careWords.fromTheBottom(it.coats, it.cureDays),
          },
          ...(it.mended.length > 0 ? [{ text: careWords.mended(it.mended) }] : []),
          ...it.turnedUp.map((one) => ({ text: careWords.turnedUp(one.what, one.decided) })),
          { ink: 'quiet', text: careWords.lead(it.lead) },
        ],
      })),
    },
  ],
  foot: careWords.foot,
});
