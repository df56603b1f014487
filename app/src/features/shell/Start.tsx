import { useEffect, useState, type ReactNode } from 'react';
import { askAgain } from '@/api/api';
import { startSync, theStorage, type Link } from '@/record';
import { startKeeping } from '@/state/keeping';
import { linkTold, storageTold } from '@/state/link';
import { store } from '@/state/store';
import { whenIdle } from './whenIdle';

/** Notes how things stand with the shop; where it is back, what could not be had is asked for. */
const hear = (link: Link): void => {
  const before = store.getState().link.link;
  store.dispatch(linkTold(link));
  if (link === 'connected' && before !== link) store.dispatch(askAgain());
};

/** Brings back what this device kept, then shows the app and keeps it alike with the shop. */
export const Start = ({ children }: { readonly children: ReactNode }) => {
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let gone = false;
    let end = () => {};
    const start = async (): Promise<void> => {
      store.dispatch(storageTold(await theStorage()));
      await startKeeping(store).catch(() => undefined);
      if (gone) return;
      setReady(true);
      // The first screen comes first.
      end = whenIdle(() => {
        end = startSync(hear).stop;
      });
    };
    void start();
    return () => {
      gone = true;
      end();
    };
  }, []);
  return ready ? children : null;
};
