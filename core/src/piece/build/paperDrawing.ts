import { assemble } from './assemble';
import { faceArt, type ArtBox, type PaperDrawing } from './art';
import type { Build } from './build';

const LETTER = 4.6;
const NAME_HEIGHT = 14;

/**
 * The unfolded drawing of a piece for paper.
 * @param width of the paper, points
 * @param maxHeight of the drawing, points
 */
export const paperDrawing = (build: Build, width: number, maxHeight: number): PaperDrawing => {
  const { faces, surfaces } = assemble(build);
  const byId = new Map(surfaces.map((it) => [it.id, it]));
  const whole = {
    width: Math.max(...faces.map((it) => it.x + it.width)),
    height: Math.max(...faces.map((it) => it.y + it.height)),
  };
  const scale = Math.min((width - 2) / whole.width, (maxHeight - 2) / whole.height);
  const place = (it: ArtBox): ArtBox => ({
    x: 1 + it.x * scale,
    y: 1 + it.y * scale,
    width: it.width * scale,
    height: it.height * scale,
  });
  const named = new Set<string>();
  return {
    width: whole.width * scale + 2,
    height: whole.height * scale + 2,
    faces: faces.map((it) =>
      faceArt(it, byId.get(it.surfaceId ?? '')?.profile ?? 'flat', place(it)),
    ),
    names: faces.flatMap((it) => {
      const surface = byId.get(it.surfaceId ?? '');
      const box = place(it);
      const covered = faces.some(
        (other) =>
          other !== it &&
          other.x >= it.x &&
          other.y >= it.y &&
          other.x + other.width <= it.x + it.width &&
          other.y + other.height <= it.y + it.height,
      );
      if (!surface || named.has(surface.id) || covered) return [];
      if (box.width < surface.name.length * LETTER + 4 || box.height < NAME_HEIGHT) return [];
      named.add(surface.id);
      return [{ x: box.x + box.width / 2, y: box.y + box.height / 2, text: surface.name }];
    }),
  };
};
