import { useEffect, useState } from 'react';

/** The clock, looked at again and again while something is running. */
export const useNow = (running: boolean): number => {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) return undefined;
    const look = () => setNow(Date.now());
    look();
    const timer = setInterval(look, 250);
    // A phone that slept comes back to the right time at once.
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [running]);
  return now;
};
