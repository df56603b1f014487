import { useEffect, useState } from 'react';
import { Strip } from '@/ui/controls';

declare global {
  interface Window {
    /** Somebody asked for the new version: the page loads again when it has taken over. */
    obrikTakesOver?: boolean;
  }
}

/** A new version is on the device: it takes over when somebody says so. What waits stays. */
export const NewVersion = () => {
  const [ready, setReady] = useState<ServiceWorkerRegistration>();
  useEffect(() => {
    const told = (event: Event) =>
      setReady((event as CustomEvent<ServiceWorkerRegistration>).detail);
    globalThis.addEventListener('obrik-new-version', told);
    return () => globalThis.removeEventListener('obrik-new-version', told);
  }, []);
  if (!ready) return null;
  const take = () => {
    window.obrikTakesOver = true;
    ready.waiting?.postMessage({ type: 'SKIP_WAITING' });
  };
  return (
    <Strip
      words="A new version of Obrik is here."
      action={{ title: 'Take it', label: 'Take the new version', onPress: take }}
    />
  );
};
