import { z } from 'zod';
import { change, id, ownPrice, pieceDescription, shop, stocked, typedText } from '../piece';

/**
 * The version of the form that entries are written in today. In version 1 a piece was told by
 * template and measures; such a description is read as one of today. In version 2 work on record had no
 * pauses, and the air of the shop no file; in version 3 nothing was written down at the bench; in
 * version 4 what was used came from no container of the stock; in version 5 work on record had no number and
 * did not tell what it took, and fittings had no price: what is missing gets its default. Whatever is added with a
 * default wants a new version, so that what a device holds is read anew.
 */
export const ENTRY_VERSION = 6;

/**
 * What an entry does. Beside the changes of a piece: the piece comes in, settings of the shop
 * become others, containers come into the stock, prices are set, earlier entries are taken back.
 */
export const deed = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('takenIn'), description: pieceDescription }),
  ...change.options,
  /** These settings become this; the others stay. */
  z.object({ kind: z.literal('shopSet'), settings: z.strictObject(settingsOf()).partial() }),
  /** Containers come into the stock of the shop, or are seen anew. */
  z.object({ kind: z.literal('stocked'), containers: z.array(stocked).min(1).max(200) }),
  /** Materials cost this here; one without sizes goes back to its placeholder. */
  z.object({ kind: z.literal('priced'), prices: z.array(ownPrice).min(1).max(500) }),
  /** These entries count no longer. An entry of this kind can be taken back itself. */
  z.object({ kind: z.literal('takenBack'), entryIds: z.array(id).min(1).max(500) }),
  /** The piece was deleted for good: nothing else of it is left. Made by the shop alone. */
  z.object({ kind: z.literal('erased') }),
]);
export type Deed = z.infer<typeof deed>;
/** Settings that are set as a whole; prices are set material by material. */
export type Setting = Exclude<keyof z.infer<typeof shop>, 'prices'>;

/** The settings without their defaults: one that is not named is not touched. */
function settingsOf() {
  const { units, leadCutoffYear, airCelsius, airHumidity, schools, tools } = shop.shape;
  const { airReadAt, timeZone, people, spaces, air, quietFrom, appointments } = shop.shape;
  const { money, touchUps } = shop.shape;
  return {
    units: units.unwrap(),
    leadCutoffYear: leadCutoffYear.unwrap(),
    airCelsius: airCelsius.unwrap(),
    airHumidity: airHumidity.unwrap(),
    airReadAt: airReadAt.unwrap(),
    schools: schools.unwrap(),
    tools: tools.unwrap(),
    timeZone: timeZone.unwrap(),
    people: people.unwrap(),
    spaces: spaces.unwrap(),
    air: air.unwrap(),
    quietFrom: quietFrom.unwrap(),
    appointments: appointments.unwrap(),
    money: money.unwrap(),
    touchUps: touchUps.unwrap(),
  };
}

/** One line of the record: made on a device, sent as often as needed, never edited. */
export const entry = z.object({
  /** Made on the device; what is sent twice is known by it. */
  id,
  /** The piece that it is about; null for the shop. */
  pieceId: id.nullable(),
  version: z
    .literal([1, 2, 3, 4, 5, ENTRY_VERSION])
    .default(ENTRY_VERSION)
    .transform((): typeof ENTRY_VERSION => ENTRY_VERSION)
    .pipe(z.literal(ENTRY_VERSION)),
  deed,
  /** When it was made, by the clock of the device. */
  at: z.iso.datetime({ message: 'Give the time as UTC, like 2026-01-31T18:20:00Z.' }),
  /** Which device made it. */
  device: id,
  /** Who made it, as far as the device knows. */
  by: typedText().max(80, 'Keep it under 80 letters.').default(''),
  /** Place in the record of the last entry that the device knew of; 0 where it knew none. */
  knew: z.int().min(0).default(0),
});
export type Entry = z.infer<typeof entry>;

/** An entry in the record: with its place, when it came in and, for a new piece, its ticket number. */
export const keptEntry = entry.extend({
  seq: z.int().min(1),
  receivedAt: z.iso.datetime(),
  number: z.int().min(1).nullable(),
});
export type KeptEntry = z.infer<typeof keptEntry>;

/** An entry in the record, or one that still waits on this device to get there. */
export type LedgerEntry = Entry & {
  readonly seq: number | null;
  readonly number: number | null;
};

/** A line that can't be read: kept as it is, and shown as that. */
export const unreadable = z.object({
  seq: z.int().min(1),
  id: z.string(),
  pieceId: z.string().nullable(),
  why: z.string(),
});
export type Unreadable = z.infer<typeof unreadable>;
