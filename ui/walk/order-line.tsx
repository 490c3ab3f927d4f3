'use client';
import { type ReactNode, type RefObject, useEffect, useState } from 'react';
import { type Spot, wayBetween } from './way-between';

/** The radius of the dot at which the line comes to a thing, and of the ring where something soaks meanwhile. */
const DOT_PX = 3.5;
const RING_PX = 6;
/** Half of what lies between two columns. */
const GUTTER_PX = 4;

const NO_SPOTS: readonly Spot[] = [];

type OrderLineProps = {
  readonly strip: RefObject<HTMLElement | null>;
  /** The things that come next, first where one is. */
  readonly order: readonly string[];
  /** Where something soaks or runs meanwhile: a ring. */
  readonly waiting: readonly string[];
};

/** The next few things of the order as a line in the gutters of the strip, across no word. */
export function OrderLine({ strip, order, waiting }: OrderLineProps) {
  const { spots, box } = useSpots(strip, order.join());
  return (
    <>
      <Layer box={box} over={0}>
        {spots.slice(1).map((spot, i) => (
          <path key={spot.id} d={wayBetween(spots[i] as Spot, spot)} />
        ))}
      </Layer>
      <Layer box={box} over={1}>
        {spots.map(({ id, x, y }) => (
          <circle key={id} cx={x} cy={y} r={DOT_PX} fill="var(--colors-water)" />
        ))}
        {spots
          .filter(({ id }) => waiting.includes(id))
          .map(({ id, x, y }) => (
            <circle key={id} cx={x} cy={y} r={RING_PX} />
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
      stroke="var(--colors-water)"
      strokeWidth={1.6}
      style={{ position: 'absolute', insetInlineStart: 0, top: 0, pointerEvents: 'none', zIndex: over }}
    >
      {children}
    </svg>
  );
}

/** The left edge of a chip, where its number stands, in the cell of the strip that it lies in. */
function spotOf(strip: HTMLElement, id: string): Spot[] {
  const chip = strip.querySelector(`[data-fixture="${CSS.escape(id)}"]`);
  const cell = chip?.parentElement;
  if (!chip || !cell) return [];
  const outer = strip.getBoundingClientRect();
  const [inner, around] = [chip.getBoundingClientRect(), cell.getBoundingClientRect()];
  const across = (x: number) => x - outer.left + strip.scrollLeft;
  return [
    {
      id,
      x: across(inner.left),
      y: inner.top - outer.top + inner.height / 2,
      gutter: across(around.left) - GUTTER_PX,
      lane: around.top - outer.top + 1,
    },
  ];
}
