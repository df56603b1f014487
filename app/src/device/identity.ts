import { nanoid } from '@reduxjs/toolkit';
import { theDevice } from './device';

const KEY = 'identity';

let id: Promise<string> | undefined;

const find = async (): Promise<string> => {
  const device = await theDevice();
  return device.transaction('rw', device.kept, async () => {
    const kept = await device.kept.get(KEY);
    if (typeof kept?.value === 'string') return kept.value;
    const made = nanoid();
    await device.kept.put({ key: KEY, version: 1, value: made });
    return made;
  });
};

/** The id of this device, made once. */
export const deviceId = (): Promise<string> => (id ??= find());

let name = '';

/** Who uses this device, as its settings say. */
export const personName = (): string => name;
export const setPersonName = (it: string): void => {
  name = it;
};
