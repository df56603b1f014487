import type { Face } from '@obrik/core/piece';

/** A rectangle of a drawing. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** The smallest rectangle around faces. */
export const around = (faces: readonly Face[]): Box => {
  const x = Math.min(...faces.map((it) => it.x));
  const y = Math.min(...faces.map((it) => it.y));
  return {
    x,
    y,
    width: Math.max(...faces.map((it) => it.x + it.width)) - x,
    height: Math.max(...faces.map((it) => it.y + it.height)) - y,
  };
};
