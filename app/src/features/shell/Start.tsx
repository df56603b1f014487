import { useEffect, useState, type ReactNode } from 'react';
import { firstCards, recallClock, theStorage } from '@/device';
import { startKeeping } from '@/state/keeping';
import { storageTold } from '@/state/link';
import { store } from '@/state/store';

/** The app is drawn once, with its list, where that is here this soon, ms. */
const LIST_PATIENCE = 150;

const STARTS_WITH_LIST = ['/', '/pieces'];

/** Brings back what this device kept, then shows the app. */
export const Start = ({ children }: { readonly children: ReactNode }) => {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let gone = false;
    const start = async (): Promise<void> => {
      const list = STARTS_WITH_LIST.includes(globalThis.location?.pathname)
        ? Promise.race([firstCards(), new Promise((go) => setTimeout(go, LIST_PATIENCE))])
        : undefined;
      store.dispatch(storageTold(await theStorage()));
      await recallClock().catch(() => undefined);
      await startKeeping(store).catch(() => undefined);
      await list;
      if (!gone) setReady(true);
    };
    void start();
    return () => {
      gone = true;
    };
  }, []);
  return ready ? children : null;
};
