/** A rectangle of a drawing. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The smallest rectangle around some. */
export const around = (faces: readonly Box[]): Box => {
  const x = Math.min(...faces.map((it) => it.x));
  const y = Math.min(...faces.map((it) => it.y));
  return {
    x,
    y,
    width: Math.max(...faces.map((it) => it.x + it.width)) - x,
    height: Math.max(...faces.map((it) => it.y + it.height)) - y,
  };
};

/** Do two rectangles share more than an edge? */
export const overlap = (a: Box, b: Box, slack = 0.5): boolean =>
  Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x) > slack &&
  Math.min(a.y + a.height, b.y + b.height) - Math.max(a.y, b.y) > slack;

/** Does a rectangle lie within another, edges allowed? */
export const within = (inner: Box, outer: Box, slack = 0.5): boolean =>
  inner.x >= outer.x - slack &&
  inner.y >= outer.y - slack &&
  inner.x + inner.width <= outer.x + outer.width + slack &&
  inner.y + inner.height <= outer.y + outer.height + slack;
