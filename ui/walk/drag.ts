import { dragGrips, elementUnder, type Point } from '../parts/drag-grips';

/** What was let go of on the strip: a thing over a cell, or the head of a stop over another stop. */
export type Drop =
  | { readonly what: 'fixture'; readonly id: string; readonly stopId: string; readonly height: string }
  | { readonly what: 'stop'; readonly id: string; readonly over: string; readonly behind: boolean };

const CELL = '[data-stop]';
const GRIPS = '[data-fixture],[data-head]';

/**
 * Lets the strip be dragged on by pointer, until the answer is called: a thing to another stop or height, a stop along the strip. A finger drags only in
 * the mode for moving, because elsewhere it scrolls.
 */
export function dragOn(element: HTMLElement, byTouch: boolean, onDrop: (drop: Drop) => void): () => void {
  return dragGrips(element, { grips: GRIPS, byTouch, dropOf: dropUnder }, onDrop);
}

function dropUnder(grip: HTMLElement, at: Point): Drop | undefined {
  const cell = elementUnder(at, CELL);
  const { stop: stopId, height } = cell?.dataset ?? {};
  const { fixture, head } = grip.dataset;
  if (!cell || !stopId) return undefined;
  if (fixture !== undefined) return height ? { what: 'fixture', id: fixture, stopId, height } : undefined;
  const box = cell.getBoundingClientRect();
  return head === undefined || head === stopId
    ? undefined
    : { what: 'stop', id: head, over: stopId, behind: at.x > box.left + box.width / 2 };
}
