'use client';
import { useRef, useState } from 'react';
import { afterPaint } from '../state/after-paint';

/**
 * A value that answers where it is pressed, before anything else is told: what was pressed last is shown until it has
 * arrived from above; from then on what is there counts.
 */
export function useAnswered<T extends string | boolean>(
  value: T,
  onChange: (value: T) => void,
): [shown: T, press: (value: T) => void] {
  const [pressed, setPressed] = useState<T>();
  const last = useRef<object>(undefined);
  if (pressed === value) setPressed(undefined);
  const press = (next: T) => {
    setPressed(next);
    // Of several presses before one picture only the last is told.
    const mine = {};
    last.current = mine;
    afterPaint(() => {
      if (last.current === mine) onChange(next);
    });
  };
  return [pressed ?? value, press];
}
