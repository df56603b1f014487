import { useSyncExternalStore } from 'react';
import { store } from '@/state/store';

export type ScreenBundle = typeof import('@/features/screenBundle');

let here: ScreenBundle | undefined;
let coming: Promise<ScreenBundle> | undefined;
const listeners = new Set<() => void>();

const fetched = async (): Promise<ScreenBundle> => {
  const it = await import('@/features/screenBundle');
  it.join(store);
  here = it;
  listeners.forEach((tell) => tell());
  return it;
};

/** Loads what is behind the first screen, once; where it can't be had, the next call tries again. */
export const loadScreenBundle = (): Promise<ScreenBundle> =>
  (coming ??= fetched().catch((error: unknown) => {
    coming = undefined;
    throw error;
  }));

const subscribe = (tell: () => void): (() => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/** What is behind the first screen; undefined until it is loaded. */
export const useScreenBundle = (): ScreenBundle | undefined =>
  useSyncExternalStore(subscribe, () => here);
