import { useCallback, useEffect, useState } from 'react';
import { firstCards, firstCardsByNow, type ListCard } from '@/device';
import { loadScreenBundle } from '@/features/shell/screenBundleLoader';
import { whenIdle } from '@/features/shell/whenIdle';
import { useLink } from '@/state/link';

interface CardsState {
  /** The list; undefined while nothing is known. */
  readonly cards: readonly ListCard[] | undefined;
  /** Why there is no list: the shop can't be asked, and this device never could. */
  readonly failed: 'offline' | 'unpaired' | undefined;
  /** Fetches what is behind the list once more; it asks the shop by itself. */
  readonly again: () => void;
  /** To be told by what listens to the list. */
  readonly told: (cards: readonly ListCard[] | null) => void;
}

/** The list of pieces: at once as far as it can be had, then kept up. */
export const useCards = (): CardsState => {
  const [first, setFirst] = useState(firstCardsByNow);
  const [live, setLive] = useState<readonly ListCard[] | null>(null);
  const [cut, setCut] = useState(false);
  const { link } = useLink();
  const goOn = useCallback(() => {
    loadScreenBundle().then(
      () => setCut(false),
      () => setCut(true),
    );
  }, []);
  useEffect(() => {
    let gone = false;
    let callOff = () => {};
    void firstCards().then((cards) => {
      if (gone) return;
      setFirst(cards);
      // The list comes first, what is behind it after it is on the screen.
      if (cards) callOff = whenIdle(goOn);
      else goOn();
    });
    return () => {
      gone = true;
      callOff();
    };
  }, [goOn]);
  const cards = live ?? first;
  const unreachable = cut
    ? 'offline'
    : link === 'unpaired' || link === 'offline'
      ? link
      : undefined;
  return { cards, failed: cards ? undefined : unreachable, again: goOn, told: setLive };
};
