import { z } from 'zod';
import { shop } from '../../piece';
import { changeKind, namesOf } from './kind';

type Shape = Omit<typeof shop.shape, 'prices'>;

/** Settings that are set as a whole; prices are set material by material. */
export type Setting = keyof Shape;

const SETTINGS: Readonly<Record<Setting, string>> = {
  units: 'units',
  leadCutoffYear: 'lead year',
  airCelsius: 'temperature',
  airHumidity: 'humidity',
  airReadAt: 'when the air was read',
  schools: 'ways of working',
  tools: 'tools',
  timeZone: 'time zone',
  people: 'people and hours',
  spaces: 'spaces',
  air: 'where the air comes from',
  quietFrom: 'quiet hours',
  appointments: 'appointments',
  money: 'money',
  touchUps: 'touching up',
};

type WithoutDefaults = {
  [K in Setting]: Shape[K] extends z.ZodDefault<infer Inner> ? z.ZodOptional<Inner> : never;
};

/** The settings without their defaults: one that is not named is not touched. */
const settings = z.strictObject(
  Object.fromEntries(
    Object.keys(SETTINGS).map((key) => [key, shop.shape[key as Setting].unwrap().optional()]),
  ) as unknown as WithoutDefaults,
);

/** These settings of the shop become this; the others stay. */
export const shopSet = changeKind(
  'shopSet',
  { settings },
  {
    about: 'shop',
    group: 'description',
    up: [],
    fields: (it) =>
      Object.entries(it.settings).map(([setting, value]) => ({
        name: `shop/${setting}`,
        value,
        change: { kind: 'shopSet', settings: { [setting as Setting]: value } },
      })),
    told: (it) => `Settings of the shop: ${namesOf(it.settings, SETTINGS)}`,
  },
);
