import { MINUTE_MS } from '@obrik/core/units';
import { proxy, wrap, type Remote } from 'comlink';
import type { Piece, Shop } from '@obrik/core/piece';
import type {
  AirHelp,
  ClockView,
  TimetableEntry,
  Held,
  Objective,
  Upset,
  WhatItBrings,
  WhatItDoes,
} from '@obrik/core/schedule';
import { useEffect, useMemo, useState } from 'react';
import { useBenchQuery, useShopQuery, type AtWork } from '@/api/api';
import { useShop } from '@/api/usePiece';
import { shopNow } from '@/device';
import { useLink } from '@/state/link';
import type { Progress } from './clock';
import type { PlannerWorker } from './planner.worker';
import { startWorker } from './startWorker';
import { useMinute } from './useMinute';

let started: Remote<PlannerWorker> | undefined;
const theWorker = (): Remote<PlannerWorker> => (started ??= wrap<PlannerWorker>(startWorker()));

const NOTHING_HELD: Held = new Map();

const stop = (): void => void theWorker().stop();

/** A plan is made anew after so many minutes, even where nothing has changed. */
const FRESH = 5;

interface ClockState {
  /** The last plan; what was finished since is taken out of it while the next is made. */
  readonly view: ClockView | undefined;
  /** It is the plan of these pieces in this shop: what it says may be told as an answer. */
  readonly isFresh: boolean;
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

/** A plan of before something was put on record, without what was finished since. */
const withoutDone = (view: ClockView, pieces: readonly Piece[]): ClockView => {
  const done = new Set(
    pieces.flatMap((piece) =>
      piece.done.flatMap((it) => (it.endedAt === null ? [] : [`${piece.id}/${it.taskKey}`])),
    ),
  );
  const isOpen = (it: Pick<TimetableEntry, 'pieceId' | 'operation'>): boolean =>
    it.operation.taskKeys.some((key) => !done.has(`${it.pieceId}/${key}`));
  return {
    ...view,
    ready: view.ready.filter(isOpen),
    timetable: { ...view.timetable, entries: view.timetable.entries.filter(isOpen) },
  };
};

/** The clock of the shop: planned beside the screen, anew when something changes. */
export const useClock = (
  objective: Objective = 'finish',
  held: Held = NOTHING_HELD,
): ClockState => {
  const shop = useShop();
  const now = useMinute();
  const { data, isError } = useBenchQuery();
  const { isLoading: shopLoads } = useShopQuery();
  const { link } = useLink();
  const atWork = shopLoads ? undefined : (data ?? undefined);
  const pieces = useMemo(() => atWork?.map((it) => it.piece), [atWork]);
  const [told, setTold] = useState<{
    readonly view: ClockView;
    readonly pieces: readonly Piece[];
    readonly shop: Shop;
  }>();
  const [progress, setProgress] = useState<Progress>({ tried: 0, isLast: false });
  const [failed, setFailed] = useState(false);
  const planAt = now - (now % FRESH);
  useEffect(() => {
    if (!pieces) return undefined;
    let isWanted = true;
    const hear = (better: ClockView | null, so: Progress) => {
      if (!isWanted) return;
      if (better) setTold({ view: better, pieces, shop });
      setProgress(so);
    };
    const at = Math.floor(shopNow().getTime() / MINUTE_MS);
    theWorker()
      .plan(pieces, shop, at, objective, held, proxy(hear))
      .catch(() => {
        if (isWanted) setFailed(true);
      });
    return () => {
      isWanted = false;
    };
  }, [pieces, shop, objective, held, planAt]);
  const isFresh = told !== undefined && told.pieces === pieces && told.shop === shop;
  const view = useMemo(
    () => (told && pieces && !isFresh ? withoutDone(told.view, pieces) : told?.view),
    [told, pieces, isFresh],
  );
  return {
    view,
    isFresh,
    atWork,
    pieces,
    shop,
    now,
    busy: !isFresh || !progress.isLast,
    tried: progress.tried,
    stop,
    failed: failed || isError || (data === null && (link === 'offline' || link === 'unpaired')),
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

/** What the air holds up on a piece, and what would help: several plans, made beside the screen. */
export const useAirHelp = (
  pieceId: string,
  pieces: readonly Piece[] | undefined,
  shop: Shop,
  isWanted: boolean,
): { readonly help: AirHelp | undefined; readonly busy: boolean } => {
  const [told, setTold] = useState<{ readonly of: readonly Piece[]; readonly help?: AirHelp }>();
  useEffect(() => {
    if (!isWanted || !pieces) return undefined;
    let isAsked = true;
    const at = Math.floor(shopNow().getTime() / MINUTE_MS);
    theWorker()
      .airHelp(pieceId, pieces, shop, at)
      .then(
        (help) => {
          if (isAsked) setTold({ of: pieces, ...(help ? { help } : {}) });
        },
        () => undefined,
      );
    return () => {
      isAsked = false;
    };
  }, [pieceId, pieces, shop, isWanted]);
  const isTold = told?.of === pieces;
  return { help: isTold ? told?.help : undefined, busy: isWanted && !isTold };
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
    const at = Math.floor(shopNow().getTime() / MINUTE_MS);
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
