'use client';
import { useEffect, useState } from 'react';
import { afterPaint } from '../state/after-paint';

/** How many of a list are drawn by now: one more with each picture, so that no press has to wait for all of them. */
export function useOneByOne(list: string, count: number): number {
  const [drawn, setDrawn] = useState({ list, count: 1 });
  const shown = drawn.list === list ? drawn.count : 1;
  useEffect(() => {
    if (shown < count) afterPaint(() => setDrawn({ list, count: shown + 1 }));
  }, [list, shown, count]);
  return Math.min(shown, count);
}
