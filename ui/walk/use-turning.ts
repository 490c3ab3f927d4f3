'use client';
import { useEffect, useState } from 'react';
import { afterPaint } from '../state/after-paint';

/** Turns a value over in one row after the other, a picture each, so that no press has to wait for all of them. */
export function useTurning<Value>(value: Value, rows: number): (row: number) => Value {
  const [turning, setTurning] = useState({ from: value, to: value, turned: rows });
  const now = turning.to === value ? turning : { from: turning.to, to: value, turned: 1 };
  const { from, to, turned } = now;
  useEffect(() => {
    if (turned < rows) afterPaint(() => setTurning({ from, to, turned: turned + 1 }));
  }, [from, to, turned, rows]);
  return (row) => (row < turned ? to : from);
}
