import { DAY, UNIT_SYSTEMS } from '../units';
import { z } from 'zod';
import { LEAD_LIMITS, MATERIALS, SCHOOLS, TOOLS, type School, type WayOf } from '../catalog';
import { moneySettings } from './moneySettings';
import { ownPrice } from './prices';
import { typedText } from './text';
import { USUAL_QUIET, airSource, appointment, person, space } from './workshop';

/** The ways of a school. */
const wayOf = <S extends School>(school: S) =>
  z.enum(SCHOOLS.get(school).ways.map((it) => it.id) as unknown as [WayOf<S>, ...WayOf<S>[]]);

/** The way of a school; the catalog's first where nothing was chosen. */
const usualWayOf = <S extends School>(school: S) => {
  const ways = wayOf(school);
  return ways.default(ways.options[0] as never);
};

/** How this shop works, where careful people differ. */
export const schools = z.object({
  prime: usualWayOf('prime'),
  betweenCoats: usualWayOf('betweenCoats'),
  scuff: usualWayOf('scuff'),
  takeOff: usualWayOf('takeOff'),
  hardware: usualWayOf('hardware'),
  faces: usualWayOf('faces'),
  drawers: usualWayOf('drawers'),
  blocker: usualWayOf('blocker'),
  dustCloth: usualWayOf('dustCloth'),
});

/** Where one piece is worked otherwise than the shop usually works. */
export const ownSchools = z.object({
  prime: wayOf('prime').optional(),
  betweenCoats: wayOf('betweenCoats').optional(),
  scuff: wayOf('scuff').optional(),
  takeOff: wayOf('takeOff').optional(),
  hardware: wayOf('hardware').optional(),
  faces: wayOf('faces').optional(),
  drawers: wayOf('drawers').optional(),
  blocker: wayOf('blocker').optional(),
  dustCloth: wayOf('dustCloth').optional(),
});
export type OwnSchools = z.infer<typeof ownSchools>;

/** Does the time-zone database have this name? */
function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

/** So much more of a material is bought than is needed. */
export const touchUp = z.object({
  material: MATERIALS.id,
  colour: typedText().max(40).nullable().default(null),
  quantity: z.number().positive().max(1000),
});

/** What holds for the whole workshop. */
export const shop = z.object({
  units: z.enum(UNIT_SYSTEMS).default('metric'),
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
  /** When that was read off or typed; null where nobody has: by a typical year, the year tells. */
  airReadAt: z.iso.datetime().nullable().default(null),
  schools: schools.default(schools.parse({})),
  /** Tools that change how work is planned. */
  tools: z
    .array(TOOLS.id)
    .max(100)
    .default(TOOLS.rows.filter((it) => it.usual).map((it) => it.id)),
  /** Where the clock of the shop hangs: a name of the time-zone database. */
  timeZone: z
    .string()
    .max(60)
    .refine(isTimeZone, 'No such time zone. Give one like Europe/Oslo.')
    .default('UTC'),
  people: z
    .array(person)
    .min(1, 'Somebody has to do the work.')
    .max(6, 'Six people at the most.')
    .default([person.parse({ id: 'me', name: 'Me' })]),
  spaces: z
    .array(space)
    .min(1, 'The work needs a place.')
    .max(6, 'Six spaces at the most.')
    .default([space.parse({ id: 'shop', name: 'Shop' })]),
  air: airSource.default(airSource.parse({})),
  /** Noise ends then, minutes since midnight; null where it may go on. */
  quietFrom: z.int().min(0).max(DAY).nullable().default(USUAL_QUIET),
  appointments: z.array(appointment).max(500).default([]),
  money: moneySettings.default(moneySettings.parse({})),
  /** Bought beyond the need, for touching up later. */
  touchUps: z.array(touchUp).max(200).default([]),
  /** What things cost here; set material by material. */
  prices: z.array(ownPrice).max(1000).default([]),
});
export type Shop = z.infer<typeof shop>;

/** The shop as it works on one piece. */
export const shopFor = (piece: { readonly schools: OwnSchools }, it: Shop): Shop => {
  const own = Object.entries(piece.schools).filter(([, way]) => way !== undefined);
  return own.length > 0 ? { ...it, schools: { ...it.schools, ...Object.fromEntries(own) } } : it;
};

export const USUAL_SHOP: Shop = shop.parse({});
