'use client';
import { useEffect, useRef, useState } from 'react';
import type { ThawPoint } from '@/core/plan/thaw-line';

const MS = 260;
const NO_LINE: readonly ThawPoint[] = [];

/** A line that moves to where it should be instead of jumping; at once for whoever wants no motion. */
export function useTweened(wanted: readonly ThawPoint[] | undefined): readonly ThawPoint[] {
  const line = wanted ?? NO_LINE;
  const [shown, setShown] = useState(line);
  const from = useRef(line);
  useEffect(() => {
    const start = from.current;
    const isStill = matchMedia('(prefers-reduced-motion: reduce)').matches;
    if (isStill || start.length === 0 || line.length === 0) {
      from.current = line;
      setShown(line);
      return;
    }
    const before = new Map(start.map((point) => [point.date, point.minutes]));
    const began = performance.now();
    let frame = requestAnimationFrame(function step(now) {
      const share = Math.min(1, (now - began) / MS);
      const between = line.map(({ date, minutes }) => ({
        date,
        minutes: minutes * share + (before.get(date) ?? minutes) * (1 - share),
      }));
      from.current = between;
      setShown(between);
      if (share < 1) frame = requestAnimationFrame(step);
    });
    return () => cancelAnimationFrame(frame);
  }, [line]);
  return shown;
}
