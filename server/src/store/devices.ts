import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Database } from './database';
import type { DeviceRow } from './models';

/** A device that may come in. */
export type PairedDevice = Pick<DeviceRow, 'id' | 'name' | 'pairedAt'>;

export interface DeviceStore {
  /**
   * Lets a device in; or a calendar, which may read the plan and nothing else.
   * @returns its token, which is stored nowhere
   */
  add(name: string, now: Date, of?: 'device' | 'calendar'): Promise<string>;
  /** The device of a token. */
  of(token: string): Promise<PairedDevice | undefined>;
  list(): Promise<readonly PairedDevice[]>;
  /** @returns whether there was one */
  remove(id: string): Promise<boolean>;
}

/** By this the token of a calendar is known: it opens no other door. */
const CALENDAR = 'cal.';
export const isForCalendar = (token: string): boolean => token.startsWith(CALENDAR);

const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex');

const shown = ({ id, name, pairedAt }: DeviceRow): PairedDevice => ({ id, name, pairedAt });

export const deviceStore = ({ models, write }: Database): DeviceStore => ({
  add: async (name, now, of = 'device') => {
    const random = randomBytes(32).toString('base64url');
    const token = of === 'calendar' ? `${CALENDAR}${random}` : random;
    const row = { id: randomUUID(), name, tokenHash: hashOf(token), pairedAt: now.toISOString() };
    await write(({ devices }) => devices.create(row));
    return token;
  },
  of: async (token) => {
    const row = await models.devices.findOne({ where: { tokenHash: hashOf(token) } });
    return row ? shown(row.get({ plain: true })) : undefined;
  },
  list: async () =>
    (await models.devices.findAll({ order: ['pairedAt'] })).map((it) =>
      shown(it.get({ plain: true })),
    ),
  remove: async (id) => (await write(({ devices }) => devices.destroy({ where: { id } }))) > 0,
});
