import { MINUTE_MS } from '@obrik/core/units';
import { useEffect, useState } from 'react';
import { shopNow } from '@/device';

/** The minute that it is, looked at again and again. */
export const useMinute = (): number => {
  const [now, setNow] = useState(() => Math.floor(shopNow().getTime() / MINUTE_MS));
  useEffect(() => {
    const look = () => setNow(Math.floor(shopNow().getTime() / MINUTE_MS));
    const timer = setInterval(look, 5000);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return now;
};
