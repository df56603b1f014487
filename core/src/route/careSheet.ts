import { z } from 'zod';
import { COATINGS, type Coating } from '../catalog';
import type { Piece, Shop } from '../piece';
import { careRules, inCoats, inDialect } from '../words';
import { advance, coatsOn } from '../work';
import { groupBy } from './group';
import type { Route } from './operation';
import { routeOf, wholeFor } from './plan';
import type { Whole } from './whole';

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

/** The care sheet of a piece whose route is done. */
export const careSheetFor = (whole: Whole, route: Route): CareSheet => {
  const end = route.tasks.reduce(advance, whole.now);
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
    };
  });
  const cureDays = Math.max(0, ...surfaces.map((it) => it.cureDays));
  return {
    surfaces,
    cureDays,
    rules: [...careRules({ cureDays, waxed: laid.has('pasteWax'), oiled: laid.has('hardOil') })],
  };
};

/** The care sheet of a piece as it is planned. */
export const careSheetOf = (piece: Piece, shop: Shop): CareSheet => {
  const whole = wholeFor(piece, shop);
  return inDialect(careSheetFor(whole, routeOf(whole)), shop.units);
};
