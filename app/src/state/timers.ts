import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { useSelector } from 'react-redux';

/** A time that is kept between doing a test and reading it. It ends by the clock, not by counting. */
export interface Timer {
  readonly pieceId: string;
  readonly surfaceId: string;
  readonly testId: string;
  readonly title: string;
  /** Milliseconds of the clock. */
  readonly endsAt: number;
  /** Where it leads, if not to a test. */
  readonly href?: string;
  /** What to look for when it rings. */
  readonly rings?: string;
  /** It has rung, and somebody has seen it. */
  readonly seen: boolean;
}

/** Timers by the address of their test. They outlive a reload and a sleeping phone. */
export type Timers = Readonly<Record<string, Timer>>;

/** Reads what an earlier page kept; by hand, since it is wanted before the first screen. */
export const readTimer = (stored: unknown): Timer | undefined => {
  const { pieceId, surfaceId, testId, title, endsAt, seen, href, rings } = (stored ??
    {}) as Partial<Timer>;
  return typeof pieceId === 'string' &&
    typeof surfaceId === 'string' &&
    typeof testId === 'string' &&
    typeof title === 'string' &&
    Number.isFinite(endsAt) &&
    typeof seen === 'boolean'
    ? {
        pieceId,
        surfaceId,
        testId,
        title,
        endsAt: Number(endsAt),
        seen,
        ...(typeof href === 'string' ? { href } : {}),
        ...(typeof rings === 'string' ? { rings } : {}),
      }
    : undefined;
};

const initialState: Timers = {};

export const timerSlice = createSlice({
  name: 'timers',
  initialState,
  reducers: {
    timerStarted: (state, { payload }: PayloadAction<{ key: string; timer: Timer }>) => ({
      ...state,
      [payload.key]: payload.timer,
    }),
    timerSeen: (state, { payload }: PayloadAction<string>) => {
      const timer = state[payload];
      return timer ? { ...state, [payload]: { ...timer, seen: true } } : state;
    },
    timersRestored: (_, { payload }: PayloadAction<Timers>) => payload,
    timerStopped: (state, { payload }: PayloadAction<string>) =>
      Object.fromEntries(Object.entries(state).filter(([key]) => key !== payload)),
  },
});

export const { timerStarted, timerSeen, timerStopped, timersRestored } = timerSlice.actions;

/** Which timer a test on a surface has. */
export const timerKey = (pieceId: string, surfaceId: string, testId: string): string =>
  [pieceId, surfaceId, testId].join('/');

export const useTimers = (): Timers => useSelector((state: { timers: Timers }) => state.timers);

/** "4:59", "3:59:59" until then; "0:00" once it is over. */
export const timeLeft = (endsAt: number, now: number): string =>
  asRunning(Math.max(0, Math.ceil((endsAt - now) / 1000)));

/** Whole seconds as a running clock shows them: "1:04:09", "23:05". */
export const asRunning = (seconds: number): string => {
  const two = (it: number) => String(it).padStart(2, '0');
  const hours = Math.floor(seconds / 3600);
  const minutes = Math.floor((seconds % 3600) / 60);
  const rest = two(seconds % 60);
  return hours > 0 ? `${hours}:${two(minutes)}:${rest}` : `${minutes}:${rest}`;
};
