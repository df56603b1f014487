import { useEffect, useState } from 'react';
import { firstCards, firstCardsByNow, type Card } from '@/device';
import { loadStations } from '@/features/shell/stationsLoader';
import { whenIdle } from '@/features/shell/whenIdle';
import { useLink } from '@/state/link';

interface CardsState {
  /** The list; undefined while nothing is known. */
  readonly cards: readonly Card[] | undefined;
  /** Why there is no list: the shop can't be asked, and this device never could. */
  readonly failed: 'offline' | 'unpaired' | undefined;
  /** To be told by what listens to the list. */
  readonly told: (cards: readonly Card[] | null) => void;
}

/** The list of pieces: at once as far as it can be had, then kept up. */
export const useCards = (): CardsState => {
  const [first, setFirst] = useState(firstCardsByNow);
  const [live, setLive] = useState<readonly Card[] | null>(null);
  const { link } = useLink();
  useEffect(() => {
    let gone = false;
    let callOff = () => {};
    const goOn = (): void => void loadStations().catch(() => undefined);
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
  }, []);
  const cards = live ?? first;
  return {
    cards,
    failed: !cards && (link === 'offline' || link === 'unpaired') ? link : undefined,
    told: setLive,
  };
};
