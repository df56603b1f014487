import { useEffect, useRef } from 'react';
import { useWide } from '@/ui/controls';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';

/** What keys do on a screen, by the name that the browser has for them. */
export type Keys = Readonly<Record<string, () => void>>;

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/**
 * Keys of a screen, on a desk only; while somebody types they type. "?" tells them.
 * @param help what "?" shows
 */
export const useKeys = (keys: Keys, help: string): void => {
  const wide = useWide();
  const dispatch = useAppDispatch();
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    if (!wide || typeof document === 'undefined') return undefined;
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.altKey || event.metaKey || isTyping(event.target)) return;
      if (event.key === '?') dispatch(noticed({ text: help, tone: 'plain' }));
      const act = latest.current[event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', pressed);
    return () => document.removeEventListener('keydown', pressed);
  }, [wide, dispatch, help]);
};

/** Keys 1 to 9 for a list. */
export const numbered = (acts: readonly (() => void)[]): Keys =>
  Object.fromEntries(acts.slice(0, 9).map((act, index) => [String(index + 1), act]));
