import { type D3DragEvent, drag } from 'd3-drag';
import { select } from 'd3-selection';

export type Point = { readonly x: number; readonly y: number };

type Grips<Drop> = {
  /** What can be taken hold of, as a selector. */
  readonly grips: string;
  /** Whether a finger drags too; else it scrolls. */
  readonly byTouch: boolean;
  /** What it means to let go of a grip at a point; `left` is where its left edge was by then. */
  readonly dropOf: (grip: HTMLElement, at: Point, left: number) => Drop | undefined;
};

/** How far a press may wander and still be a press, in pixels. */
const STILL_PX = 6;

/** Lets things inside an element be dragged by pointer, until the answer is called. */
export function dragGrips<Drop>(
  element: HTMLElement,
  { grips, byTouch, dropOf }: Grips<Drop>,
  onDrop: (drop: Drop) => void,
): () => void {
  type Event = D3DragEvent<HTMLElement, unknown, Point>;
  let grip: HTMLElement | null = null;
  let start: Point = { x: 0, y: 0 };
  const behaviour = drag<HTMLElement, unknown>()
    .clickDistance(STILL_PX)
    .filter((event: MouseEvent) => !event.button && (event.target as Element).closest(grips) !== null)
    .touchable(() => byTouch)
    .on('start', (event: Event) => {
      grip = (event.sourceEvent.target as Element).closest<HTMLElement>(grips);
      start = { x: event.x, y: event.y };
    })
    .on('drag', (event: Event) => {
      if (!grip || !hasMoved(start, event)) return;
      grip.style.transform = `translate(${event.x - start.x}px, ${event.y - start.y}px)`;
      grip.style.pointerEvents = 'none';
      grip.style.zIndex = '5';
    })
    .on('end', (event: Event) => {
      const held = grip;
      grip = null;
      if (!held) return;
      const { left } = held.getBoundingClientRect();
      const drop = hasMoved(start, event) ? dropOf(held, pointOf(event.sourceEvent), left) : undefined;
      for (const name of ['transform', 'pointer-events', 'z-index']) held.style.removeProperty(name);
      if (drop) onDrop(drop);
    });
  const selection = select(element);
  selection.call(behaviour);
  return () => {
    selection.on('.drag', null);
  };
}

function hasMoved(start: Point, now: Point): boolean {
  return Math.hypot(now.x - start.x, now.y - start.y) > STILL_PX;
}

function pointOf(event: MouseEvent | TouchEvent): Point {
  const at = 'changedTouches' in event ? event.changedTouches[0] : event;
  return { x: at?.clientX ?? 0, y: at?.clientY ?? 0 };
}

/** The topmost element under a point that matches. */
export function elementUnder({ x, y }: Point, selector: string): HTMLElement | undefined {
  return document.elementsFromPoint(x, y).find((element) => element.matches(selector)) as
    | HTMLElement
    | undefined;
}
