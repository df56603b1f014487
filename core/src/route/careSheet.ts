import { z } from 'zod';
import { COATINGS } from '../catalog';
import { inspectPiece } from '../inspect';
import { surfacesOf, type Piece, type Shop } from '../piece';
import { planRoute } from './plan';
import { stacksAlong } from './stack';

/** What the owner is told of one surface. */
export const surfaceCare = z.object({
  name: z.string(),
  /** Materials by class, from the bottom up; each once, with its number of coats. */
  coats: z.array(z.string()),
  /** Days after the last coat until it is hard; 0 where nothing new was laid. */
  cureDays: z.number(),
  /** What was tested for lead, in words. */
  lead: z.string(),
});
export type SurfaceCare = z.infer<typeof surfaceCare>;

/** What the owner gets with the piece. */
export const careSheet = z.object({
  surfaces: z.array(surfaceCare),
  cureDays: z.number(),
  rules: z.array(z.string()),
});
export type CareSheet = z.infer<typeof careSheet>;

/** "waterborne clear, 3 coats". */
const inCoats = (label: string, count: number): string =>
  count === 1 ? label : `${label}, ${count} coats`;

const rulesFor = (coats: ReadonlySet<string>, cureDays: number): string[] => [
  `For ${cureDays} days after the last coat: nothing hot, wet, heavy or rubbery on it.`,
  'Clean with a soft cloth, hardly damp. No silicone polish: nothing sticks over it later.',
  ...(coats.has('pasteWax')
    ? ['Wax: buff when dull, new wax once a year. No paint sticks over it.']
    : []),
  ...(coats.has('hardOil')
    ? ['Oil: a thin coat when it looks dry. Rags wet with oil can ignite.']
    : []),
  'Out of the sun and away from the stove: wood moves, and films crack with it.',
];

/** The care sheet of a piece as it is planned. */
export const careSheetOf = (piece: Piece, shop: Shop): CareSheet => {
  const known = inspectPiece(piece, shop);
  const { operations } = planRoute(piece, shop, known);
  const beliefs = new Map(known.map((it) => [it.surfaceId, it]));
  const names = new Map(surfacesOf(piece).map((it) => [it.id, it.name]));
  const laid = new Set<string>();
  const surfaces = stacksAlong(piece, shop, operations, known).flatMap(({ surfaceId, steps }) => {
    const layers = steps.at(-1)?.stack.layers ?? [];
    const counts = new Map<string, number>();
    let cureDays = 0;
    for (const { layer } of layers) {
      if (layer.of !== 'coat') continue;
      const row = COATINGS.get(layer.id);
      laid.add(row.id);
      counts.set(row.label, (counts.get(row.label) ?? 0) + 1);
      cureDays = Math.max(cureDays, row.cureDays);
    }
    return [
      {
        name: names.get(surfaceId) ?? surfaceId,
        coats: [...counts].map(([label, count]) => inCoats(label, count)),
        cureDays,
        lead: beliefs.get(surfaceId)?.leadStatus.text ?? '',
      },
    ];
  });
  const cureDays = Math.max(0, ...surfaces.map((it) => it.cureDays));
  return { surfaces, cureDays, rules: rulesFor(laid, cureDays) };
};
