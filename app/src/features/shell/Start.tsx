import { useEffect, useState, type ReactNode } from 'react';
import { theStorage } from '@/device';
import { startKeeping } from '@/state/keeping';
import { storageTold } from '@/state/link';
import { store } from '@/state/store';

/** Brings back what this device kept, then shows the app. */
export const Start = ({ children }: { readonly children: ReactNode }) => {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let gone = false;
    const start = async (): Promise<void> => {
      store.dispatch(storageTold(await theStorage()));
      await startKeeping(store).catch(() => undefined);
      if (!gone) setReady(true);
    };
    void start();
    return () => {
      gone = true;
    };
  }, []);
  return ready ? children : null;
};
