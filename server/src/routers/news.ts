import { createChannel, createSession } from 'better-sse';
import type { RequestHandler } from 'express';

/** What there is news of: entries that came in, cards that were planned. */
type Topic = 'entries' | 'summaries';

/** Tells who listens that there is something new: not what, which is read from the record. */
export interface News {
  entriesCame(): void;
  summariesCame(): void;
  /** Hears of it within the server. */
  listen(told: (what: Topic) => void): void;
  /** Server-sent events, by topic. */
  readonly stream: RequestHandler;
}

/** A line now and then keeps what stands between from closing, ms. */
const HEARTBEAT = 25_000;
/** A listener that was cut off asks again after this, ms. */
const RETRY = 3000;

export const makeNews = (): News => {
  const channel = createChannel();
  const tell = (what: Topic) => void channel.broadcast(null, what);
  return {
    entriesCame: () => tell('entries'),
    summariesCame: () => tell('summaries'),
    listen: (told) => void channel.on('broadcast', (_, what) => told(what as Topic)),
    stream: async (request, response) => {
      const timing = { keepAlive: HEARTBEAT, retry: RETRY };
      const session = await createSession(request, response, timing);
      if (session.isConnected) channel.register(session);
    },
  };
};
