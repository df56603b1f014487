import { DAY } from '../units';
import { z } from 'zod';
import { AIR_MOVEMENT, CLIMATES, ROOMS } from '../catalog';
import { id } from './evidence';
import { typedText } from './text';

/** Part of a day, minutes since midnight on the clock of the place. */
export const dayPart = z
  .object({
    from: z.int().min(0).max(DAY),
    to: z.int().min(0).max(DAY),
  })
  .refine((it) => it.to > it.from, { path: ['to'], message: 'It ends before it begins.' });
export type DayPart = z.infer<typeof dayPart>;

/** What not everybody does. */
export const SKILLS = ['strip', 'repair', 'spray'] as const;
export type Skill = (typeof SKILLS)[number];

/** Monday first. */
const week = z.array(z.array(dayPart).max(6)).length(7);

const evenings: DayPart[][] = Array.from({ length: 5 }, () => [
  { from: 18 * 60, to: 21 * 60 + 30 },
]);
const weekend: DayPart[][] = [[{ from: 9 * 60, to: 17 * 60 }], []];
/** Weekday evenings and Saturday. */
export const USUAL_WEEK: readonly (readonly DayPart[])[] = [...evenings, ...weekend];

/** Somebody who works in the shop. */
export const person = z.object({
  id,
  name: typedText().trim().min(1, 'Give a name.').max(40),
  hours: week.default(USUAL_WEEK as DayPart[][]),
  /** Days without work. */
  daysOff: z.array(z.iso.date()).max(200).default([]),
  skills: z
    .array(z.enum(SKILLS))
    .max(SKILLS.length)
    .default([...SKILLS]),
});
export type Person = z.infer<typeof person>;

/** A space of the shop with air of its own. */
export const space = z.object({
  id,
  name: typedText().trim().min(1, 'Give a name.').max(40),
  /** Dust may be made here; coats may dry here; the gun may be used here. */
  dust: z.boolean().default(true),
  wet: z.boolean().default(true),
  spray: z.boolean().default(true),
  /** So many jobs at a time. */
  places: z.int().min(1).max(20).default(2),
  /** So many joints in clamps at a time. */
  clamps: z.int().min(0).max(50).default(6),
  /** Racks and lines where parts that were taken off dry, m²; null where there is room for all. */
  racksM2: z.number().min(0.1).max(200).nullable().default(null),
  room: ROOMS.id.default('shed'),
  movement: AIR_MOVEMENT.id.default('still'),
  /** W, and up to where it heats; null where there is none. */
  heater: z
    .object({ watt: z.int().min(100).max(20_000), toCelsius: z.number().min(5).max(30) })
    .nullable()
    .default(null),
  dehumidifier: z
    .object({ litresADay: z.number().min(1).max(100), toHumidity: z.number().min(30).max(80) })
    .nullable()
    .default(null),
});
export type Space = z.infer<typeof space>;

/** So many readings a file may have: a year, hour by hour. */
const MOST_READINGS = 8784;

/** The air of a place, as a weather file or a data logger tells it. */
export const airFile = z
  .object({
    name: typedText().max(120),
    from: z.iso.datetime(),
    /** Hours from one reading to the next. */
    stepHours: z.int().min(1).max(6),
    celsius: z.array(z.number().min(-60).max(60)).min(1).max(MOST_READINGS),
    humidity: z.array(z.number().min(0).max(100)).min(1).max(MOST_READINGS),
    /** A typical year comes again and again; of readings only the last day does. */
    comesAgain: z.boolean(),
    /** The space of the shop where it was read; null for outside. */
    spaceId: id.nullable(),
  })
  .refine((it) => it.celsius.length === it.humidity.length, {
    path: ['humidity'],
    message: 'Each temperature needs its humidity.',
  });
export type AirFile = z.infer<typeof airFile>;

/** Air that is expected for some hours, whatever the rest says. */
export const expectedAir = z.object({
  from: z.iso.datetime(),
  to: z.iso.datetime(),
  celsius: z.number().min(-40).max(50),
  humidity: z.number().min(1).max(100),
});
export type ExpectedAir = z.infer<typeof expectedAir>;

/** Where the air comes from that is reckoned with. */
export const airSource = z.object({
  /** As it was typed or read off, all the time; a typical year outside; or as a file tells it. */
  kind: z.enum(['steady', 'typical', 'file']).default('steady'),
  climate: CLIMATES.id.default('continental'),
  /** Southern half of the globe. */
  south: z.boolean().default(false),
  file: airFile.nullable().default(null),
  /** By hand, over all of it: outside, or in the shop where the air is as typed. */
  expected: z.array(expectedAir).max(200).default([]),
});
export type AirSource = z.infer<typeof airSource>;

/** A time at which somebody, or nobody, is there. */
export const appointment = z.object({
  id,
  title: typedText().max(120).default(''),
  from: z.iso.datetime(),
  to: z.iso.datetime(),
  /** Who is taken; null for everybody. */
  personId: id.nullable().default(null),
});
export type Appointment = z.infer<typeof appointment>;

/** Noise ends in the evening, minutes since midnight. */
export const USUAL_QUIET = 21 * 60;
