import type { Minute } from '../../climate';

/** Something that takes so much from a time to another. */
export interface TakenFor {
  readonly from: Minute;
  readonly to: Minute;
  readonly amount: number;
  readonly job: number;
}

/** What is taken of one thing over time, in the order of its beginning. */
export interface Timeline {
  add(it: TakenFor): void;
  /** Takes out all that a job has taken. */
  remove(job: number): void;
  /**
   * The first that stands in the way of so much more between two times; undefined where there is room.
   * With nothing wanted beside it, any overlap stands in the way.
   */
  inTheWay(from: Minute, to: Minute, amount: number, capacity: number): TakenFor | undefined;
  /**
   * The first time from some time on with nothing taken for so long, and what is taken right before
   * it; for one thing at a time.
   */
  freeFrom(
    from: Minute,
    minutes: number,
  ): { readonly at: Minute; readonly after: TakenFor } | undefined;
  /** The one that ends last at or before a time. */
  lastBefore(time: Minute): TakenFor | undefined;
  readonly all: readonly TakenFor[];
}

/** Place of the first that begins at or after a time. */
const placeIn = (list: readonly TakenFor[], time: Minute): number => {
  let [low, high] = [0, list.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((list[middle] as TakenFor).from < time) low = middle + 1;
    else high = middle;
  }
  return low;
};

export const timeline = (): Timeline => {
  const list: TakenFor[] = [];
  /** The longest of all so far: nothing that began earlier than this before a time can reach it. */
  let longest = 0;
  return {
    all: list,
    add: (it) => {
      longest = Math.max(longest, it.to - it.from);
      const last = list.at(-1);
      if (!last || last.from <= it.from) list.push(it);
      else list.splice(placeIn(list, it.from), 0, it);
    },
    remove: (job) => {
      let kept = 0;
      for (const it of list) if (it.job !== job) list[kept++] = it;
      list.length = kept;
    },
    inTheWay: (from, to, amount, capacity) => {
      const begin = placeIn(list, from - longest);
      if (amount >= capacity) {
        for (let at = begin; at < list.length; at++) {
          const it = list[at] as TakenFor;
          if (it.from >= to) break;
          if (it.to > from) return it;
        }
        return undefined;
      }
      // The load is highest where one of them begins, or at the beginning.
      for (let at = begin; at < list.length; at++) {
        const it = list[at] as TakenFor;
        if (it.from >= to) break;
        if (it.to <= from) continue;
        const moment = Math.max(from, it.from);
        let load = 0;
        let first: TakenFor = it;
        for (let other = begin; other <= at || (list[other]?.from ?? Infinity) <= moment; other++) {
          const one = list[other] as TakenFor;
          if (one.from > moment || one.to <= moment) continue;
          load += one.amount;
          if (one.to < first.to) first = one;
        }
        if (load + amount > capacity + 1e-9) return first;
      }
      return undefined;
    },
    freeFrom: (from, minutes) => {
      let at = from;
      let after: TakenFor | undefined;
      for (let place = placeIn(list, from - longest); place < list.length; place++) {
        const it = list[place] as TakenFor;
        if (it.to <= at) continue;
        if (it.from >= at + minutes) break;
        at = it.to;
        after = it;
      }
      return after && { at, after };
    },
    lastBefore: (time) => {
      for (let at = placeIn(list, time + 1e-9) - 1; at >= 0; at--) {
        const it = list[at] as TakenFor;
        if (it.to <= time + 1e-6) return it;
      }
      return undefined;
    },
  };
};
