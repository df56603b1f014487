import { z } from 'zod';
import { COATINGS, DAMAGES, DISCOVERIES, REMEDIES, type Coating } from '../../catalog';
import { linesOf, type Piece } from '../../piece';
import { careRules, inCoats } from '../../words';
import { advance, coatsOn, effectIn } from '../../work';
import { groupBy } from '../group';
import type { Route } from '../order/operation';
import type { Whole } from '../context/whole';

/** What the owner is told of one surface. */
export const surfaceCare = z.object({
  name: z.string(),
  /** Materials by class, from the bottom up; each once, with its number of coats. */
  coats: z.array(z.string()),
  /** Days after the last coat until it is hard; 0 where nothing new was laid. */
  cureDays: z.number(),
  /** What was tested for lead, in words. */
  lead: z.string(),
  /** What was repaired below the finish, and what turned up and was done about it. */
  mended: z.array(z.string()),
  turnedUp: z.array(z.object({ what: z.string(), decided: z.string().nullable() })),
});
export type SurfaceCare = z.infer<typeof surfaceCare>;

/** What the owner gets with the piece. */
export const careSheet = z.object({
  /** Every coat is on: it tells what was done. Else it tells what is planned. */
  asDone: z.boolean(),
  /** When the last coat was laid; null where none was. */
  lastCoatAt: z.string().nullable(),
  surfaces: z.array(surfaceCare),
  cureDays: z.number(),
  rules: z.array(z.string()),
});
export type CareSheet = z.infer<typeof careSheet>;

/** When the last coat on record was laid. */
const lastCoatAt = ({ done }: Piece): string | null =>
  done.reduce<string | null>((last, it) => {
    if (it.endedAt === null || effectIn(it)?.traits.lays == null) return last;
    return last === null || Date.parse(it.endedAt) > Date.parse(last) ? it.endedAt : last;
  }, null);

/**
 * The care sheet of a piece: as it was done once every coat is on, until then as it will be when its
 * route is done. Repairs and what turned up are told of what has happened alone.
 */
export const careSheetFor = (whole: Whole, route: Route): CareSheet => {
  const { piece, now } = whole;
  const end = route.tasks.reduce(advance, now);
  const lastCoat = lastCoatAt(piece);
  const found = linesOf(piece.log, 'discovery');
  const laid = new Set<Coating>();
  const surfaces = whole.surfaces.map((s): SurfaceCare => {
    const state = end.surfaces[s.surface.id];
    const coats = groupBy(state ? coatsOn(state) : [], (it) => it.coating);
    const rows = [...coats.keys()].map((it) => COATINGS.get(it));
    rows.forEach((it) => laid.add(it.id));
    return {
      name: s.surface.name,
      coats: rows.map((it) => inCoats(it.label, coats.get(it.id)?.length ?? 0)),
      cureDays: Math.max(0, ...rows.map((it) => it.cureDays)),
      lead: s.beliefs.leadStatus.text,
      mended: [
        ...new Set(
          piece.findings
            .filter(
              (it) =>
                it.surfaceId === s.surface.id &&
                now.surfaces[s.surface.id]?.mended.includes(it.id) === true,
            )
            .map((it) => DAMAGES.get(it.damage).label.toLowerCase()),
        ),
      ],
      turnedUp: found
        .filter((it) => it.surfaceIds.includes(s.surface.id))
        .map((it) => ({
          what: DISCOVERIES.get(it.kind).label,
          decided: it.remedy ? REMEDIES.get(it.remedy).label : null,
        })),
    };
  });
  const cureDays = Math.max(0, ...surfaces.map((it) => it.cureDays));
  return {
    asDone: lastCoat !== null && !route.tasks.some((it) => it.traits.lays !== null),
    lastCoatAt: lastCoat,
    surfaces,
    cureDays,
    rules: [...careRules({ cureDays, waxed: laid.has('pasteWax'), oiled: laid.has('hardOil') })],
  };
};
