'use client';
import { curveBumpX, line } from 'd3';
import { type RefObject, useEffect, useState } from 'react';

type Spot = { readonly x: number; readonly y: number };

const NO_SPOTS: readonly Spot[] = [];

/** The order of work as a line that runs through the strip, from fixture to fixture. */
export function OrderLine({
  strip,
  order,
}: {
  strip: RefObject<HTMLElement | null>;
  order: readonly string[];
}) {
  const [spots, setSpots] = useState(NO_SPOTS);
  const [box, setBox] = useState({ width: 0, height: 0 });
  const key = order.join();
  useEffect(() => {
    const element = strip.current;
    if (!element) return;
    if (key === '') {
      setSpots(NO_SPOTS);
      return;
    }
    // The chips lie where the grid puts them; the line follows whenever that changes.
    const follow = () => {
      setBox({ width: element.scrollWidth, height: element.scrollHeight });
      setSpots(key.split(',').flatMap((id) => spotOf(element, id)));
    };
    const watch = new ResizeObserver(follow);
    watch.observe(element);
    follow();
    return () => watch.disconnect();
  }, [strip, key]);
  const path = line<Spot>(
    (spot) => spot.x,
    (spot) => spot.y,
  ).curve(curveBumpX)(spots);
  return (
    <svg
      aria-hidden="true"
      width={box.width}
      height={box.height}
      style={{ position: 'absolute', insetInlineStart: 0, top: 0, pointerEvents: 'none' }}
    >
      <path
        d={path ?? ''}
        fill="none"
        stroke="var(--mui-palette-thaw-water)"
        strokeWidth={1.6}
        opacity={0.55}
      />
    </svg>
  );
}

/** The left edge of a chip, where its number stands. */
function spotOf(strip: HTMLElement, id: string): Spot[] {
  const chip = strip.querySelector(`[data-fixture="${CSS.escape(id)}"]`);
  if (!chip) return [];
  const outer = strip.getBoundingClientRect();
  const inner = chip.getBoundingClientRect();
  return [{ x: inner.left - outer.left + strip.scrollLeft + 4, y: inner.top - outer.top + inner.height / 2 }];
}
