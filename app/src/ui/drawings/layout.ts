import type { Face, Surface } from '@obrik/core/piece';
import { around, overlap, within, type Box } from './around';

/** A surface that is tapped where it is drawn. */
export interface Direct {
  readonly surfaceId: string;
  /** Where a tap means it; at least a target wide and high, and nobody else's. */
  readonly hits: readonly Box[];
  /** Its largest face, for name and sign. */
  readonly face: Box;
}

/** A surface too small to be hit: a label beside the drawing, with a line to it. */
export interface Labelled {
  readonly surfaceId: string;
  readonly label: Box;
  readonly from: { readonly x: number; readonly y: number };
  readonly to: { readonly x: number; readonly y: number };
}

/** How an unfolded piece is laid out on the screen, px. */
export interface Layout {
  readonly height: number;
  readonly scale: number;
  readonly place: (it: Box) => Box;
  readonly direct: readonly Direct[];
  readonly labelled: readonly Labelled[];
  /** Surfaces that the drawing does not show, or has no room to label. */
  readonly tiled: readonly string[];
}

export interface DrawingRoom {
  readonly width: number;
  readonly maxHeight: number;
  /** Least width and height of what can be tapped. */
  readonly target: number;
}

const GUTTER = 108;
const LEADER = 14;
/** On a screen narrower than this labels would leave no room for the drawing: tiles below instead. */
const LABELS_FROM = 260;
const MARGIN = 2;
const BETWEEN = 4;

const biggest = (boxes: readonly Box[]): Box =>
  boxes.reduce((a, b) => (b.width * b.height > a.width * a.height ? b : a));

const isTarget = (it: Box, target: number): boolean => it.width >= target && it.height >= target;

interface Placed {
  readonly surfaceId: string | null;
  readonly box: Box;
}

/**
 * Where a surface can be tapped in the drawing; none where it is too small, or where another lies on
 * it: what is drawn later lies on top.
 */
const hitsOf = (placed: readonly Placed[], surfaceId: string, target: number): readonly Box[] => {
  const own = placed.filter((it) => it.surfaceId === surfaceId).map((it) => it.box);
  const covered = placed.some(
    (it, index) =>
      it.surfaceId === surfaceId &&
      placed
        .slice(index + 1)
        .some(
          (above) =>
            above.surfaceId !== surfaceId && above.surfaceId !== null && overlap(above.box, it.box),
        ),
  );
  if (covered) return [];
  const large = own.filter((it) => isTarget(it, target));
  // Where a cell was merged into the frame around it, the frame is enough.
  const outer = large.filter(
    (it, index) => !large.some((other, at) => at < index && within(it, other)),
  );
  if (outer.length > 0) return outer;
  const region = around(own);
  const alone = !placed.some(
    (it) =>
      it.surfaceId !== surfaceId &&
      it.surfaceId !== null &&
      overlap(it.box, region) &&
      !within(region, it.box),
  );
  return alone && isTarget(region, target) ? [region] : [];
};

/** Labels in a column, each as near to its surface as the others let it. */
const stacked = (wanted: readonly number[], height: number, room: number): readonly number[] => {
  const step = height + BETWEEN;
  let free = 0;
  const down = wanted.map((at) => {
    const y = Math.max(free, at);
    free = y + step;
    return y;
  });
  let ceiling = room - height;
  return down
    .reverse()
    .map((at) => {
      const y = Math.max(0, Math.min(at, ceiling));
      ceiling = y - step;
      return y;
    })
    .reverse();
};

/**
 * Lays a drawing out: as large as the room allows, each surface to be tapped where it is drawn, by a
 * label beside it, or by a tile below.
 * @param faces of the drawing, mm
 */
export const layOut = (
  surfaces: readonly Pick<Surface, 'id'>[],
  faces: readonly Face[],
  { width, maxHeight, target }: DrawingRoom,
): Layout => {
  const whole = around(faces);
  const at = (gutter: number): Layout => {
    const room = width - gutter - 2 * MARGIN;
    const scale = Math.min(room / whole.width, (maxHeight - 2 * MARGIN) / whole.height);
    const drawn = whole.height * scale + 2 * MARGIN;
    const left = MARGIN + (room - whole.width * scale) / 2;
    const place = (it: Box): Box => ({
      x: left + (it.x - whole.x) * scale,
      y: MARGIN + (it.y - whole.y) * scale,
      width: it.width * scale,
      height: it.height * scale,
    });
    const placed = faces.map((it) => ({ surfaceId: it.surfaceId, box: place(it) }));
    const direct: Direct[] = [];
    const small: { surfaceId: string; face: Box }[] = [];
    const tiled: string[] = [];
    for (const { id } of surfaces) {
      const own = placed.filter((it) => it.surfaceId === id).map((it) => it.box);
      if (own.length === 0) {
        tiled.push(id);
        continue;
      }
      const hits = hitsOf(placed, id, target);
      const largest = biggest(own);
      const [hit] = hits;
      // Many small faces in one place are named across all of them.
      const face = hit && !isTarget(largest, target) ? hit : largest;
      if (hits.length > 0) direct.push({ surfaceId: id, hits, face });
      else small.push({ surfaceId: id, face: largest });
    }
    if (gutter === 0)
      return {
        height: drawn,
        scale,
        place,
        direct,
        labelled: [],
        tiled: [...tiled, ...small.map((it) => it.surfaceId)],
      };
    const fits = Math.floor((Math.max(drawn, maxHeight) + BETWEEN) / (target + BETWEEN));
    const byHeight = small
      .map((it) => ({ ...it, y: it.face.y + it.face.height / 2 }))
      .sort((a, b) => a.y - b.y);
    const labelled = byHeight.slice(0, fits);
    const height = Math.max(drawn, labelled.length * (target + BETWEEN) - BETWEEN);
    const ys = stacked(
      labelled.map((it) => it.y - target / 2),
      target,
      height,
    );
    const x = width - GUTTER + LEADER;
    return {
      height,
      scale,
      place,
      direct,
      labelled: labelled.map((it, index): Labelled => {
        const y = ys[index] ?? 0;
        return {
          surfaceId: it.surfaceId,
          label: { x, y, width: GUTTER - LEADER - MARGIN, height: target },
          from: { x: it.face.x + it.face.width - Math.min(4, it.face.width / 2), y: it.y },
          to: { x, y: y + target / 2 },
        };
      }),
      tiled: [...tiled, ...byHeight.slice(fits).map((it) => it.surfaceId)],
    };
  };
  const plain = at(0);
  const drawnIds = new Set(faces.map((it) => it.surfaceId));
  const labels = plain.tiled.some((id) => drawnIds.has(id)) && width >= LABELS_FROM;
  return labels ? at(GUTTER) : plain;
};
