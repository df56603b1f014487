import { z } from 'zod';
import { LEAD_LIMITS, SCHOOLS, TOOLS, type School, type WayOf } from '../catalog';
import { unitSystem } from '../units';

/** Which way of a school; the catalog's first where nothing was chosen. */
const wayOf = <S extends School>(school: S) => {
  const [first, ...others] = SCHOOLS.get(school).ways.map((it) => it.id) as [
    WayOf<S>,
    ...WayOf<S>[],
  ];
  return z.enum([first, ...others]).default(first as never);
};

/** How this shop works, where careful people differ. */
export const schools = z.object({
  prime: wayOf('prime'),
  betweenCoats: wayOf('betweenCoats'),
  scuff: wayOf('scuff'),
  takeOff: wayOf('takeOff'),
  hardware: wayOf('hardware'),
  faces: wayOf('faces'),
  drawers: wayOf('drawers'),
  blocker: wayOf('blocker'),
});

/** What holds for the whole workshop. */
export const shop = z.object({
  units: unitSystem.default('metric'),
  /** Paint made before this year is suspect of lead. */
  leadCutoffYear: z
    .int('Give a whole year.')
    .min(1900, 'Between 1900 and 2100.')
    .max(2100, 'Between 1900 and 2100.')
    .default(LEAD_LIMITS.cutoffYear.value),
  /** Air in the shop, °C. */
  airCelsius: z
    .number('Give a figure.')
    .min(-20, 'Between −20 and 50 °C.')
    .max(50, 'Between −20 and 50 °C.')
    .default(18),
  /** Relative humidity in the shop, %. */
  airHumidity: z
    .number('Give a figure.')
    .min(1, 'Between 1 and 99 %.')
    .max(99, 'Between 1 and 99 %.')
    .default(55),
  schools: schools.default(schools.parse({})),
  /** Tools that change how work is planned. */
  tools: z.array(TOOLS.id).default(TOOLS.rows.filter((it) => it.usual).map((it) => it.id)),
});
export type Shop = z.infer<typeof shop>;

export const USUAL_SHOP: Shop = shop.parse({});
