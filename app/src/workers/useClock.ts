import { proxy, wrap, type Remote } from 'comlink';
import type { Piece, Shop } from '@obrik/core/piece';
import type {
  ClockView,
  Held,
  Objective,
  Upset,
  WhatItBrings,
  WhatItDoes,
} from '@obrik/core/schedule';
import { useEffect, useMemo, useState } from 'react';
import { useBenchQuery, type AtWork } from '@/api/api';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import type { ClockWorker, Progress } from './clock.worker';

const MS = 60_000;

let started: Remote<ClockWorker> | undefined;
const theWorker = (): Remote<ClockWorker> =>
  (started ??= wrap<ClockWorker>(new Worker(new URL('./clock.worker', import.meta.url))));

/** The minute that it is, looked at again and again. */
export const useMinute = (): number => {
  const [now, setNow] = useState(() => Math.floor(shopNow().getTime() / MS));
  useEffect(() => {
    const look = () => setNow(Math.floor(shopNow().getTime() / MS));
    const timer = setInterval(look, 5000);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return now;
};

const NOTHING_HELD: Held = new Map();

const stop = (): void => void theWorker().stop();

/** A plan is made anew after so many minutes, even where nothing has changed. */
const FRESH = 5;

interface ClockState {
  readonly view: ClockView | undefined;
  readonly atWork: readonly AtWork[] | undefined;
  readonly pieces: readonly Piece[] | undefined;
  readonly shop: Shop;
  readonly now: number;
  /** Better plans are still looked for. */
  readonly busy: boolean;
  /** Orders of the work that were tried so far. */
  readonly tried: number;
  /** The best so far will do. */
  readonly stop: () => void;
  /** Why there is none. */
  readonly failed: boolean;
}

/** The clock of the shop: planned beside the screen, anew when something changes. */
export const useClock = (
  objective: Objective = 'finish',
  held: Held = NOTHING_HELD,
): ClockState => {
  const shop = useShop();
  const now = useMinute();
  const { data: atWork, isError } = useBenchQuery();
  const pieces = useMemo(() => atWork?.map((it) => it.piece), [atWork]);
  const [view, setView] = useState<ClockView>();
  const [progress, setProgress] = useState<Progress>({ tried: 0, isLast: false });
  const [failed, setFailed] = useState(false);
  const planAt = now - (now % FRESH);
  useEffect(() => {
    if (!pieces) return undefined;
    let isWanted = true;
    const hear = (better: ClockView | null, so: Progress) => {
      if (!isWanted) return;
      if (better) setView(better);
      setProgress(so);
    };
    const at = Math.floor(shopNow().getTime() / MS);
    theWorker()
      .plan(pieces, shop, at, objective, held, proxy(hear))
      .catch(() => {
        if (isWanted) setFailed(true);
      });
    return () => {
      isWanted = false;
    };
  }, [pieces, shop, objective, held, planAt]);
  return {
    view,
    atWork,
    pieces,
    shop,
    now,
    busy: !progress.isLast,
    tried: progress.tried,
    stop,
    failed: failed || isError,
  };
};

/** What changes in the shop would bring; asked for by hand, since it takes several plans. */
export const useWhatIfs = (): {
  readonly brings: readonly WhatItBrings[] | undefined;
  readonly busy: boolean;
  readonly ask: (pieces: readonly Piece[], shop: Shop, now: number) => void;
} => {
  const [brings, setBrings] = useState<readonly WhatItBrings[]>();
  const [busy, setBusy] = useState(false);
  const ask = (pieces: readonly Piece[], shop: Shop, now: number) => {
    setBusy(true);
    theWorker()
      .whatTheyBring(pieces, shop, now)
      .then(setBrings, () => undefined)
      .finally(() => setBusy(false));
  };
  return { brings, busy, ask };
};

/** What an upset would do to the plan: worked out beside the screen, anew for each other one. */
export const useWhatItDoes = (
  it: Upset | undefined,
  pieces: readonly Piece[] | undefined,
  shop: Shop,
): WhatItDoes | undefined => {
  const [told, setTold] = useState<{ readonly of: Upset; readonly does: WhatItDoes }>();
  useEffect(() => {
    if (!it || !pieces) return undefined;
    let isWanted = true;
    const at = Math.floor(shopNow().getTime() / MS);
    theWorker()
      .whatItDoes(it, pieces, shop, at)
      .then(
        (does) => {
          if (isWanted) setTold({ of: it, does });
        },
        () => undefined,
      );
    return () => {
      isWanted = false;
    };
  }, [it, pieces, shop]);
  return told && told.of === it ? told.does : undefined;
};
