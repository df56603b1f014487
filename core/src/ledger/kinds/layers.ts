import { z } from 'zod';
import { bad, good, id, paintLayer } from '../../piece';
import { changeKind, onSurface } from './kind';

/** The layers seen on a surface become these, top down. */
export const layers = changeKind(
  'layers',
  { surfaceId: id, layers: z.array(paintLayer).max(30) },
  {
    about: 'piece',
    group: 'looks',
    up: [],
    apply: (before, it) => {
      if (it.layers.some((one) => one.surfaceId !== it.surfaceId)) {
        return bad('layers', 'A layer of another surface.');
      }
      if (it.layers.some((one, index) => one.layer !== index + 1)) {
        return bad('layers', 'Count the layers from the top down: 1, 2, 3 …');
      }
      const others = before.layers.filter((old) => old.surfaceId !== it.surfaceId);
      return good({ ...before, layers: [...others, ...it.layers] });
    },
    moved: (it, to) => ({
      ...onSurface(it, to),
      layers: it.layers.map((one) => onSurface(one, to)),
    }),
    fields: (it) => [{ name: `layers/${it.surfaceId}`, value: it.layers, change: it }],
    surfaceOf: (it) => it.surfaceId,
    madeFrom: (piece) =>
      [...new Set(piece.layers.map((one) => one.surfaceId))].map((surfaceId) => ({
        change: {
          kind: 'layers',
          surfaceId,
          layers: piece.layers.filter((one) => one.surfaceId === surfaceId),
        },
      })),
    told: (it, { surfaceName }) =>
      it.layers.length === 0
        ? `${surfaceName(it.surfaceId)}: no layers recorded any more`
        : `${surfaceName(it.surfaceId)}, layers: ${it.layers.map((one) => one.colour).join(', ')}`,
  },
);
