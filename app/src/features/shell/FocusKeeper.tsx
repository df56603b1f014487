import { usePathname } from 'expo-router';
import { useEffect } from 'react';

/** What the work goes on with, where a screen says so; else its heading. */
const NEXT = '[data-focus-next] [role=button], [data-focus-next] button';
const HEADING = '[role=main] h1, [role=main] [role=heading][aria-level="1"]';
/** A screen that is fetched or reckoned may take so long to have a heading, ms. */
const PATIENCE = 5000;
const LOOK_EVERY = 100;

const isLost = (): boolean =>
  document.activeElement === null || document.activeElement === document.body;

/** Puts the focus where the work goes on. @returns whether there was such a place */
const moveOn = (): boolean => {
  const next = document.querySelector<HTMLElement>(NEXT);
  const target = next ?? document.querySelector<HTMLElement>(HEADING);
  if (!target) return false;
  if (!next) target.tabIndex = -1;
  target.focus({ preventScroll: next === null });
  return true;
};

/**
 * Keeps the keyboard's focus with the work: on another screen, or where what had it is gone (a button that became the next step,
 * an answer that was given), it goes to what comes next and not to the top of the page.
 */
export const FocusKeeper = () => {
  const here = usePathname();
  useEffect(() => {
    const since = Date.now();
    // Another screen: its heading, as soon as it has one.
    const timer = setInterval(() => {
      const isOver = Date.now() - since > PATIENCE;
      if (!isLost() || moveOn() || isOver) clearInterval(timer);
    }, LOOK_EVERY);
    return () => clearInterval(timer);
  }, [here]);
  useEffect(() => {
    let had: Element | null = null;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const note = (event: FocusEvent) => {
      had = event.target as Element | null;
    };
    const look = () => {
      clearTimeout(timer);
      timer = setTimeout(() => {
        if (isLost() && had !== null && !had.isConnected) moveOn();
      }, LOOK_EVERY);
    };
    // An element that is taken away loses the focus without a word: what has changed is looked at.
    const changes = new MutationObserver(look);
    changes.observe(document.body, { childList: true, subtree: true });
    document.addEventListener('focusin', note);
    return () => {
      changes.disconnect();
      clearTimeout(timer);
      document.removeEventListener('focusin', note);
    };
  }, []);
  return null;
};
