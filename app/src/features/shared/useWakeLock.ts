import { useEffect } from 'react';

/** Keeps the screen lit while something is running, where the device lets a page do so. */
export const useWakeLock = (running: boolean): void => {
  useEffect(() => {
    if (!running || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const hold = (): void => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock.request('screen').then(
        (it) => {
          if (gone) void it.release();
          else lock = it;
        },
        () => undefined,
      );
    };
    hold();
    // The browser takes it away when the page is out of sight.
    document.addEventListener('visibilitychange', hold);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, [running]);
};
