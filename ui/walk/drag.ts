import { type D3DragEvent, drag, select } from 'd3';

/** What was let go of on the strip: a thing over a cell, or the head of a stop over another stop. */
export type Drop =
  | { readonly what: 'fixture'; readonly id: string; readonly stopId: string; readonly height: string }
  | { readonly what: 'stop'; readonly id: string; readonly over: string; readonly behind: boolean };

const CELL = '[data-stop]';
const GRIPS = '[data-fixture],[data-head]';

/** How far a press may wander and still be a press, in pixels. */
const STILL_PX = 6;

/**
 * Lets the strip be dragged on by pointer, until the answer is called: a thing to another stop or height, a stop along the strip. A finger drags only in
 * the mode for moving, because elsewhere it scrolls.
 */
export function dragOn(element: HTMLElement, byTouch: boolean, onDrop: (drop: Drop) => void): () => void {
  type Event = D3DragEvent<HTMLElement, unknown, { x: number; y: number }>;
  let grip: HTMLElement | null = null;
  let start = { x: 0, y: 0 };
  const behaviour = drag<HTMLElement, unknown>()
    .clickDistance(STILL_PX)
    .filter((event: MouseEvent) => !event.button && (event.target as Element).closest(GRIPS) !== null)
    .touchable(() => byTouch)
    .on('start', (event: Event) => {
      grip = (event.sourceEvent.target as Element).closest<HTMLElement>(GRIPS);
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
      const drop = hasMoved(start, event) ? dropUnder(held, pointOf(event.sourceEvent)) : undefined;
      held.style.removeProperty('transform');
      held.style.removeProperty('pointer-events');
      held.style.removeProperty('z-index');
      if (drop) onDrop(drop);
    });
  const selection = select(element);
  selection.call(behaviour);
  return () => {
    selection.on('.drag', null);
  };
}

function hasMoved(start: { x: number; y: number }, now: { x: number; y: number }): boolean {
  return Math.hypot(now.x - start.x, now.y - start.y) > STILL_PX;
}

function pointOf(event: MouseEvent | TouchEvent): { x: number; y: number } {
  const at = 'changedTouches' in event ? event.changedTouches[0] : event;
  return { x: at?.clientX ?? 0, y: at?.clientY ?? 0 };
}

function dropUnder(grip: HTMLElement, { x, y }: { x: number; y: number }): Drop | undefined {
  const cell = document.elementsFromPoint(x, y).find((element) => element.matches(CELL)) as
    | HTMLElement
    | undefined;
  const { stop: stopId, height } = cell?.dataset ?? {};
  const { fixture, head } = grip.dataset;
  if (!cell || !stopId) return undefined;
  if (fixture !== undefined) return height ? { what: 'fixture', id: fixture, stopId, height } : undefined;
  const box = cell.getBoundingClientRect();
  return head === undefined || head === stopId
    ? undefined
    : { what: 'stop', id: head, over: stopId, behind: x > box.left + box.width / 2 };
}
