'use client';
import { useLayoutEffect, useRef } from 'react';

/** When a step has come up, in milliseconds of the page. */
export function useShownAt(step: string) {
  const shownAt = useRef(0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: another step has come up.
  useLayoutEffect(() => {
    shownAt.current = performance.now();
  }, [step]);
  return shownAt;
}
