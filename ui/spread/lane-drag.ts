import { type D3DragEvent, drag, select } from 'd3';

/** Where a piece of work was let go: over a date, or in somebody's lane at a share of its width. */
export type LaneDrop =
  | { readonly task: string; readonly over: 'date'; readonly date: string }
  | { readonly task: string; readonly over: 'lane'; readonly person: string; readonly share: number };

const GRIP = '[data-task]';
const DATE = '[data-date]';
const LANE = '[data-person]';

/** How far a press may wander and still be a press, in pixels. */
const STILL_PX = 6;

type Point = { readonly x: number; readonly y: number };

/** Lets work be dragged by pointer until the answer is called; fingers and keys use the panel. */
export function dragLanes(element: HTMLElement, onDrop: (drop: LaneDrop) => void): () => void {
  type Event = D3DragEvent<HTMLElement, unknown, Point>;
  let grip: HTMLElement | null = null;
  let start: Point = { x: 0, y: 0 };
  const behaviour = drag<HTMLElement, unknown>()
    .clickDistance(STILL_PX)
    .filter((event: MouseEvent) => !event.button && (event.target as Element).closest(GRIP) !== null)
    .touchable(() => false)
    .on('start', (event: Event) => {
      grip = (event.sourceEvent.target as Element).closest<HTMLElement>(GRIP);
      start = { x: event.x, y: event.y };
    })
    .on('drag', (event: Event) => {
      if (!grip || distance(start, event) <= STILL_PX) return;
      grip.style.transform = `translate(${event.x - start.x}px, ${event.y - start.y}px)`;
      grip.style.pointerEvents = 'none';
      grip.style.zIndex = '5';
    })
    .on('end', (event: Event) => {
      const held = grip;
      grip = null;
      if (!held) return;
      const left = held.getBoundingClientRect().left;
      for (const name of ['transform', 'pointer-events', 'z-index']) held.style.removeProperty(name);
      if (distance(start, event) <= STILL_PX) return;
      const { clientX: x, clientY: y } = event.sourceEvent as MouseEvent;
      const drop = dropUnder(held.dataset.task ?? '', { x, y }, left);
      if (drop) onDrop(drop);
    });
  const selection = select(element);
  selection.call(behaviour);
  return () => {
    selection.on('.drag', null);
  };
}

function distance(from: Point, to: Point): number {
  return Math.hypot(to.x - from.x, to.y - from.y);
}

/** In a lane the left edge of what is dragged counts, since that is where it begins. */
function dropUnder(task: string, { x, y }: Point, left: number): LaneDrop | undefined {
  const under = document.elementsFromPoint(x, y).filter((element) => element instanceof HTMLElement);
  const date = under.find((element) => element.closest(DATE))?.closest<HTMLElement>(DATE)?.dataset.date;
  if (date) return { task, over: 'date', date };
  const lane = under.find((element) => element.matches(LANE));
  const person = lane?.dataset.person;
  if (!lane || !person) return undefined;
  const box = lane.getBoundingClientRect();
  return { task, over: 'lane', person, share: Math.min(1, Math.max(0, (left - box.left) / box.width)) };
}
