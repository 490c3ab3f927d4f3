'use client';
import { type ReactNode, useEffect, useRef } from 'react';
import { css } from '@/ui/theme/made/css';

/** How much of the days before today stays in sight beside the names of the rooms, in pixels. */
const LEAD_PX = 210;

/** A wide table that opens at today; everything before it is a push away. */
export function FromToday({ label, children }: { label: string; children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Where today lies is known only once the table has its widths.
    const today = box.current?.querySelector<HTMLElement>('[aria-current="date"]');
    if (box.current && today) box.current.scrollLeft = Math.max(0, today.offsetLeft - LEAD_PX);
  }, []);
  return (
    <div ref={box} role="region" aria-label={label} tabIndex={0} className={css({ overflowX: 'auto' })}>
      {children}
    </div>
  );
}
