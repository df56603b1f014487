import { useEffect, useState, type ReactNode } from 'react';
import { askAgain } from '@/api/api';
import { startSync, theStorage } from '@/record';
import { startKeeping } from '@/state/keeping';
import { linkTold, storageTold } from '@/state/link';
import { store } from '@/state/store';

/** Brings back what this device kept, then shows the app and keeps it alike with the shop. */
export const Start = ({ children }: { readonly children: ReactNode }) => {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let gone = false;
    let sync: ReturnType<typeof startSync> | undefined;
    const start = async (): Promise<void> => {
      store.dispatch(storageTold(await theStorage()));
      await startKeeping(store).catch(() => undefined);
      if (gone) return;
      setReady(true);
      sync = startSync((link) => {
        const before = store.getState().link.link;
        store.dispatch(linkTold(link));
        if (link === 'connected' && before !== link) store.dispatch(askAgain());
      });
    };
    void start();
    return () => {
      gone = true;
      sync?.stop();
    };
  }, []);
  return ready ? children : null;
};
