import { dragGrips, elementUnder, type Point } from '../parts/drag-grips';

/** Where a piece of work was let go: over a date, or in somebody's lane at a share of its width. */
export type LaneDrop =
  | { readonly task: string; readonly over: 'date'; readonly date: string }
  | { readonly task: string; readonly over: 'lane'; readonly person: string; readonly share: number };

/** Lets work be dragged by pointer until the answer is called; fingers and keys use the panel. */
export function dragLanes(element: HTMLElement, onDrop: (drop: LaneDrop) => void): () => void {
  return dragGrips(element, { grips: '[data-task]', byTouch: false, dropOf: dropUnder }, onDrop);
}

/** In a lane the left edge of what is dragged counts, since that is where it begins. */
function dropUnder(grip: HTMLElement, at: Point, left: number): LaneDrop | undefined {
  const task = grip.dataset.task ?? '';
  const date = elementUnder(at, '[data-date]')?.dataset.date;
  if (date) return { task, over: 'date', date };
  const lane = elementUnder(at, '[data-person]');
  const person = lane?.dataset.person;
  if (!lane || !person) return undefined;
  const box = lane.getBoundingClientRect();
  return { task, over: 'lane', person, share: Math.min(1, Math.max(0, (left - box.left) / box.width)) };
}
