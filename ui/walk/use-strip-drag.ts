'use client';
import { type RefObject, useEffect } from 'react';
import type { Drop } from './drag';

/** Dragging on the strip; what it takes is fetched once the strip is there. */
export function useStripDrag(
  strip: RefObject<HTMLElement | null>,
  byTouch: boolean,
  onDrop: (drop: Drop) => void,
): void {
  useEffect(() => {
    let gone = false;
    let stop: (() => void) | undefined;
    import('./drag').then(({ dragOn }) => {
      if (!gone && strip.current) stop = dragOn(strip.current, byTouch, onDrop);
    });
    return () => {
      gone = true;
      stop?.();
    };
  }, [strip, byTouch, onDrop]);
}
