import { useSyncExternalStore } from 'react';
import { store } from '@/state/store';

export type Stations = typeof import('@/features/stations');

let here: Stations | undefined;
let coming: Promise<Stations> | undefined;
const listeners = new Set<() => void>();

const fetched = async (): Promise<Stations> => {
  const it = await import('@/features/stations');
  it.join(store);
  here = it;
  listeners.forEach((tell) => tell());
  return it;
};

/** Loads what is behind the first screen, once; where it can't be had, the next call tries again. */
export const loadStations = (): Promise<Stations> =>
  (coming ??= fetched().catch((error: unknown) => {
    coming = undefined;
    throw error;
  }));

const subscribe = (tell: () => void): (() => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/** What is behind the first screen; undefined until it is loaded. */
export const useStations = (): Stations | undefined => useSyncExternalStore(subscribe, () => here);
