'use client';
import { curveBumpX, line } from 'd3-shape';
import { type ReactNode, type RefObject, useEffect, useState } from 'react';

type Spot = { readonly id: string; readonly x: number; readonly y: number };

/** The radius of a loop. */
const LOOP_PX = 5;
/** How far inside the chip the line begins. */
const INSET_PX = 4;

const NO_SPOTS: readonly Spot[] = [];

type OrderLineProps = {
  readonly strip: RefObject<HTMLElement | null>;
  readonly order: readonly string[];
  /** Where something soaks or runs meanwhile: a loop on the line. */
  readonly waiting: readonly string[];
};

/** The order of work as a line that runs through the strip, from fixture to fixture. */
export function OrderLine({ strip, order, waiting }: OrderLineProps) {
  const { spots, box } = useSpots(strip, order.join());
  const path = line<Spot>(
    (spot) => spot.x,
    (spot) => spot.y,
  ).curve(curveBumpX)(spots);
  return (
    <>
      <Layer box={box} over={0}>
        <path d={path ?? ''} opacity={0.55} />
      </Layer>
      <Layer box={box} over={1}>
        {spots
          .filter((spot) => waiting.includes(spot.id))
          .map((spot) => (
            <circle key={spot.id} cx={spot.x - INSET_PX - LOOP_PX} cy={spot.y} r={LOOP_PX} />
          ))}
      </Layer>
    </>
  );
}

/** Where the chips of an order lie, by its ids with commas between, and how large the strip is. */
function useSpots(strip: RefObject<HTMLElement | null>, order: string) {
  const [spots, setSpots] = useState(NO_SPOTS);
  const [box, setBox] = useState({ width: 0, height: 0 });
  useEffect(() => {
    const element = strip.current;
    if (!element) return;
    if (order === '') {
      setSpots(NO_SPOTS);
      return;
    }
    // The chips lie where the grid puts them; the line follows whenever that changes.
    const follow = () => {
      setBox({ width: element.scrollWidth, height: element.scrollHeight });
      setSpots(order.split(',').flatMap((id) => spotOf(element, id)));
    };
    const watch = new ResizeObserver(follow);
    watch.observe(element);
    follow();
    return () => watch.disconnect();
  }, [strip, order]);
  return { spots, box };
}

type LayerProps = {
  readonly box: { readonly width: number; readonly height: number };
  readonly over: number;
  readonly children: ReactNode;
};

/** The line runs under the chips; its loops lie over them. */
function Layer({ box, over, children }: LayerProps) {
  return (
    <svg
      aria-hidden="true"
      width={box.width}
      height={box.height}
      fill="none"
      stroke="var(--mui-palette-thaw-water)"
      strokeWidth={1.6}
      style={{ position: 'absolute', insetInlineStart: 0, top: 0, pointerEvents: 'none', zIndex: over }}
    >
      {children}
    </svg>
  );
}

/** The left edge of a chip, where its number stands. */
function spotOf(strip: HTMLElement, id: string): Spot[] {
  const chip = strip.querySelector(`[data-fixture="${CSS.escape(id)}"]`);
  if (!chip) return [];
  const outer = strip.getBoundingClientRect();
  const inner = chip.getBoundingClientRect();
  return [
    {
      id,
      x: inner.left - outer.left + strip.scrollLeft + INSET_PX,
      y: inner.top - outer.top + inner.height / 2,
    },
  ];
}
