import { useEffect } from 'react';

/** What the browser calls the screen: "Bench · Radio console · Obrik". */
export const useTitle = (...parts: readonly string[]): void => {
  const title = [...parts.filter((it) => it !== ''), 'Obrik'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
};
