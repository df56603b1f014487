import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/**
 * What fingers may do. Written by hand: the usual package for gestures brings its animations along
 * and would treble what all screens of a piece weigh.
 */
interface Gestures {
  /** A finger has begun to go sideways from here, px from the corner of the element. */
  readonly onGrab: (x: number, y: number) => void;
  /** It is so far from there, px. */
  readonly onDrag: (dx: number) => void;
  /** Two fingers ask for fewer (−1), or more (1). */
  readonly onZoom: (by: 1 | -1) => void;
}

/** A drag begins after so many px sideways. */
const FROM = 8;
/** So far two fingers go apart or together for one step of the zoom. */
const APART = 1.35;

interface Finger {
  readonly x: number;
  readonly y: number;
}

/** Drags by one finger or the mouse, pinches by two; up and down the page goes on scrolling. */
export const useDragAndPinch = (gestures: Gestures): RefObject<View | null> => {
  const ref = useRef<View>(null);
  const latest = useRef(gestures);
  useEffect(() => {
    latest.current = gestures;
  });
  useEffect(() => {
    const element = ref.current as unknown as HTMLElement | null;
    if (!element) return undefined;
    element.style.touchAction = 'pan-y';
    const fingers = new Map<number, Finger>();
    let begun: Finger | undefined;
    let drags = false;
    let span = 0;
    const apart = (): number => {
      const [a, b] = [...fingers.values()];
      return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
    };
    const down = (event: PointerEvent) => {
      if (event.button > 0) return;
      fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
      begun = fingers.size === 1 ? { x: event.clientX, y: event.clientY } : undefined;
      drags = false;
      span = apart();
    };
    const move = (event: PointerEvent) => {
      if (!fingers.has(event.pointerId)) return;
      fingers.set(event.pointerId, { x: event.clientX, y: event.clientY });
      if (fingers.size === 2) {
        const ratio = apart() / Math.max(1, span);
        if (ratio < APART && ratio > 1 / APART) return;
        span = apart();
        latest.current.onZoom(ratio > 1 ? -1 : 1);
        return;
      }
      if (!begun) return;
      const dx = event.clientX - begun.x;
      if (!drags && Math.abs(dx) > FROM) {
        drags = true;
        const box = element.getBoundingClientRect();
        latest.current.onGrab(begun.x - box.left, begun.y - box.top);
      }
      if (drags) latest.current.onDrag(dx);
    };
    const up = (event: PointerEvent) => {
      fingers.delete(event.pointerId);
      begun = undefined;
    };
    // The click that ends a drag is no tap.
    const click = (event: MouseEvent) => {
      if (!drags) return;
      drags = false;
      event.stopPropagation();
      event.preventDefault();
    };
    element.addEventListener('pointerdown', down);
    window.addEventListener('pointermove', move);
    window.addEventListener('pointerup', up);
    window.addEventListener('pointercancel', up);
    element.addEventListener('click', click, true);
    return () => {
      element.removeEventListener('pointerdown', down);
      window.removeEventListener('pointermove', move);
      window.removeEventListener('pointerup', up);
      window.removeEventListener('pointercancel', up);
      element.removeEventListener('click', click, true);
    };
  }, []);
  return ref;
};
