import { z } from 'zod';
import { BOARD_MM } from './part';

/** What fills a cell of a front. */
export const cellKind = z.enum(['drawer', 'falseDrawer', 'door', 'open', 'panel']);
export type CellKind = z.infer<typeof cellKind>;

/** How a door is made. */
export const doorStyle = z.enum(['plain', 'panelled', 'glazed', 'louvred']);

const share = z.number().min(0.05, 'Too small a share.').max(20, 'Too large a share.').default(1);

export const cell = z.object({
  kind: cellKind,
  /** Its share of the lane that it is in, beside the shares of the others. */
  size: share,
  style: doorStyle.default('plain'),
  /** Shelves in an open compartment or behind a door. */
  shelves: z.int().min(0).max(12).default(0),
  /** Cells of one kind and set are one surface; another set is looked at and finished by itself. */
  set: z
    .string()
    .regex(/^[a-z0-9]{0,6}$/)
    .default(''),
});
export type Cell = z.infer<typeof cell>;

export const lane = z.object({ size: share, cells: z.array(cell).min(1).max(12) });
export type FrontLane = z.infer<typeof lane>;

/** How the front of a carcass is divided: lanes beside each other or one above the other. */
export const front = z.object({
  lanes: z.enum(['columns', 'rows']),
  of: z.array(lane).min(1).max(20),
});
export type Front = z.infer<typeof front>;

/** A cell with its place on the front, mm from the front's upper left corner. */
export interface PlacedCell {
  readonly cell: Cell;
  readonly lane: number;
  readonly index: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

interface Span {
  readonly at: number;
  readonly length: number;
}

/** Divides a length into shares with a board before, between and after them. */
const divided = (length: number, sizes: readonly number[]): readonly Span[] => {
  const free = length - (sizes.length + 1) * BOARD_MM;
  const sum = sizes.reduce((all, it) => all + it, 0);
  let at = BOARD_MM;
  return sizes.map((size) => {
    const span = { at, length: (free * size) / sum };
    at += span.length + BOARD_MM;
    return span;
  });
};

/**
 * The cells of a front in their places, lane by lane.
 * @param width of the front, mm
 * @param height of the front, mm, top board and bottom included
 */
export const placeCells = (
  { lanes, of }: Front,
  width: number,
  height: number,
): readonly PlacedCell[] => {
  const [along, across] = lanes === 'columns' ? [width, height] : [height, width];
  const spans = divided(
    along,
    of.map((it) => it.size),
  );
  return of.flatMap((one, index) => {
    const outer = spans[index] as Span;
    return divided(
      across,
      one.cells.map((it) => it.size),
    ).map((inner, place): PlacedCell => {
      const [x, y] = lanes === 'columns' ? [outer, inner] : [inner, outer];
      return {
        cell: one.cells[place] as Cell,
        lane: index,
        index: place,
        x: x.at,
        y: y.at,
        width: x.length,
        height: y.length,
      };
    });
  });
};

/** All cells of a front in order. */
export const cellsOf = (it: Front): readonly Cell[] => it.of.flatMap((one) => one.cells);

/** A front of equal cells, row by row. */
export const gridOf = (
  columns: number,
  rows: number,
  one: Partial<Cell> & Pick<Cell, 'kind'>,
): Front =>
  front.parse({
    lanes: 'rows',
    of: Array.from({ length: rows }, () => ({
      cells: Array.from({ length: columns }, () => one),
    })),
  });
