'use client';
import { type RefObject, useEffect } from 'react';
import type { Drop } from './drag';

/** Dragging on the strip; what it takes is fetched when a pointer comes near, or when a finger is to move things. */
export function useStripDrag(
  strip: RefObject<HTMLElement | null>,
  byTouch: boolean,
  onDrop: (drop: Drop) => void,
): void {
  useEffect(() => {
    let gone = false;
    let stop: (() => void) | undefined;
    const begin = () =>
      import('./drag').then(({ dragOn }) => {
        if (gone || !strip.current) return;
        stop = dragOn(strip.current, byTouch, onDrop);
        strip.current.dataset.drag = 'ready';
      });
    if (byTouch) begin();
    else window.addEventListener('pointermove', begin, { once: true });
    return () => {
      gone = true;
      window.removeEventListener('pointermove', begin);
      stop?.();
    };
  }, [strip, byTouch, onDrop]);
}
