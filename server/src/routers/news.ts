import { EventEmitter } from 'node:events';
import type { RequestHandler } from 'express';

/** Tells who listens that there is something new: not what, which is read from the record. */
export interface News {
  entriesCame(): void;
  summariesCame(): void;
  /** @returns ends the listening */
  listen(told: (what: 'entries' | 'summaries') => void): () => void;
}

export const makeNews = (): News => {
  const emitter = new EventEmitter().setMaxListeners(0);
  return {
    entriesCame: () => void emitter.emit('news', 'entries'),
    summariesCame: () => void emitter.emit('news', 'summaries'),
    listen: (told) => {
      emitter.on('news', told);
      return () => void emitter.off('news', told);
    },
  };
};

/** A line now and then keeps what stands between from closing, ms. */
const HEARTBEAT = 25_000;

/** Server-sent events: "entries" when entries came in, "summaries" when cards were planned. */
export const newsStream =
  (news: News): RequestHandler =>
  (request, response) => {
    response.set({ 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store' });
    response.flushHeaders();
    response.write('retry: 3000\n\n');
    const beat = setInterval(() => response.write(': here\n\n'), HEARTBEAT);
    const end = news.listen((what) => response.write(`event: ${what}\ndata: \n\n`));
    request.on('close', () => {
      clearInterval(beat);
      end();
    });
  };
