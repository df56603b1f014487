import { api, askAgain } from '@/api/api';
import type { Link } from '@/device';
import { startSync } from '@/record';
import { linkTold } from '@/state/link';
import type { store as theStore } from '@/state/store';
import { addQueries } from '@/state/store';

/** Lets the screens ask, and from now on keeps this device alike with the shop. */
export const join = (store: typeof theStore): void => {
  addQueries(api);
  startSync((link: Link) => {
    const before = store.getState().link.link;
    store.dispatch(linkTold(link));
    // Where the shop is back, what could not be had is asked for.
    if (link === 'connected' && before !== link) store.dispatch(askAgain());
  });
};
