/** From a minute to another. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
}

/** Work on a lane. */
export interface LaneBlock {
  readonly key: string;
  readonly title: string;
  /** The stretches in which it is worked on. */
  readonly worked: readonly Stretch[];
  /** Until when its next waits, and until when it bites; null where nothing does. */
  readonly opens: number | null;
  readonly closes: number | null;
  readonly running: boolean;
}

/** Blocks nearer than this, px, are drawn as one sitting. */
const TOUCHING = 3;

export interface Sitting extends Stretch {
  readonly keys: readonly string[];
  readonly title: string;
  readonly running: boolean;
}

/** What is done in one sitting, as one block: steps of a few minutes would be lines. */
export const sittingsOf = (
  blocks: readonly LaneBlock[],
  from: number,
  to: number,
  minutesPerPx: number,
): readonly Sitting[] => {
  const parts = blocks
    .flatMap((it) =>
      it.worked.map((one) => ({ ...one, keys: [it.key], title: it.title, running: it.running })),
    )
    .filter((it) => it.to > from && it.from < to)
    .sort((a, b) => a.from - b.from);
  const sittings: Sitting[] = [];
  for (const it of parts) {
    const last = sittings.at(-1);
    if (last && it.from - last.to < TOUCHING * minutesPerPx) {
      sittings[sittings.length - 1] = {
        from: last.from,
        to: Math.max(last.to, it.to),
        keys: [...last.keys, ...it.keys],
        title: last.title,
        running: last.running || it.running,
      };
    } else sittings.push(it);
  }
  return sittings;
};
