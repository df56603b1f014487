import { liveQuery } from 'dexie';
import { theDevice, type Link } from '@/device';
import { Unpaired, Unreachable } from './asking';
import { pull, pullCards, startAfresh } from './pulling';
import { flush } from './sending';

/** The first wait after a failure, and the longest, ms. */
const FIRST_WAIT = 1000;
const LONGEST_WAIT = 30_000;

const TRY = 'obrik-try-now';

/** Tries the shop at once, without waiting any longer. */
export const tryNow = (): void => void globalThis.dispatchEvent(new Event(TRY));

interface Sync {
  readonly stop: () => void;
}

/**
 * Keeps this device and the shop alike: sends what waits, fetches what is new, and listens for
 * news. Of several tabs one does it for all: the first has the lock, the next takes over from it.
 * @param told hears how things stand
 */
export const startSync = (told: (link: Link) => void): Sync => {
  let stopped = false;
  let wait = FIRST_WAIT;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let busy = false;
  let again = false;
  let stale = true;
  let leads = false;
  let letGo = () => {};
  let linkNow: Link = 'connecting';
  // The tab that leads tells the others, and answers one that asks.
  const channel =
    typeof BroadcastChannel === 'undefined' ? undefined : new BroadcastChannel('obrik-link');
  if (channel) {
    channel.onmessage = ({ data }: MessageEvent<Link | 'ask'>) => {
      if (leads) {
        if (data === 'ask') channel.postMessage(linkNow);
      } else if (data !== 'ask') told(data);
    };
    channel.postMessage('ask');
  }

  const round = async (): Promise<void> => {
    if (stopped || !leads) return;
    if (busy) {
      again = true;
      return;
    }
    busy = true;
    clearTimeout(timer);
    try {
      await flush();
      if (stale) {
        stale = false;
        await pullCards();
        await pull();
        await flush();
      }
      wait = FIRST_WAIT;
      listen();
      tell('connected');
    } catch (error) {
      stale = true;
      tell(error instanceof Unpaired ? 'unpaired' : 'offline');
      // What is not the network is not mended by hurry either.
      wait = error instanceof Unreachable ? wait : LONGEST_WAIT;
      timer = setTimeout(() => void round(), wait);
      wait = Math.min(wait * 2, LONGEST_WAIT);
    } finally {
      busy = false;
    }
    if (again) {
      again = false;
      await round();
    }
  };

  const renew = (): void => {
    stale = true;
    void round();
  };
  const now = (): void => {
    wait = FIRST_WAIT;
    renew();
  };

  const tell = (link: Link): void => {
    linkNow = link;
    told(link);
    channel?.postMessage(link);
  };

  let news: EventSource | undefined;
  const listen = (): void => {
    if (typeof EventSource === 'undefined' || (news && news.readyState !== EventSource.CLOSED))
      return;
    news = new EventSource('/api/news');
    for (const what of ['open', 'entries', 'summaries', 'error']) {
      news.addEventListener(what, renew);
    }
  };

  const lead = async (): Promise<void> => {
    leads = true;
    await startAfresh();
    await round();
  };

  const watch = async (): Promise<void> => {
    const device = await theDevice();
    const subscription = liveQuery(() =>
      Promise.all([
        device.outbox.filter((it) => it.refused === null).count(),
        device.photos.filter((it) => it.refused === null).count(),
      ]),
    ).subscribe(([entries, photos]) => {
      if (entries + photos > 0) void round();
    });
    letGo = () => subscription.unsubscribe();
  };

  const begin = async (): Promise<void> => {
    await watch();
    if (!('locks' in navigator)) return lead();
    await navigator.locks.request('obrik-sync', async () => {
      if (stopped) return;
      await lead();
      await new Promise<void>((resolve) => {
        const before = letGo;
        letGo = () => {
          before();
          resolve();
        };
      });
    });
  };

  const offline = () => tell('offline');
  globalThis.addEventListener('online', now);
  globalThis.addEventListener(TRY, now);
  globalThis.addEventListener('offline', offline);
  void begin();
  return {
    stop: () => {
      stopped = true;
      clearTimeout(timer);
      news?.close();
      channel?.close();
      letGo();
      globalThis.removeEventListener('online', now);
      globalThis.removeEventListener(TRY, now);
      globalThis.removeEventListener('offline', offline);
    },
  };
};
