import { dragGrips, elementUnder, type Point } from '../parts/drag-grips';

/** What was dragged: a piece of work, or all that somebody does on the day. */
type Held = { readonly task: string } | { readonly session: string };

/** Where it was let go: over a date, or in somebody's lane at a share of its width. */
export type LaneDrop = Held &
  (
    | { readonly over: 'date'; readonly date: string }
    | { readonly over: 'lane'; readonly person: string; readonly share: number }
  );

/** Lets work be dragged by pointer until the answer is called; fingers and keys use the panel. */
export function dragLanes(element: HTMLElement, onDrop: (drop: LaneDrop) => void): () => void {
  return dragGrips(
    element,
    { grips: '[data-task], [data-session]', byTouch: false, dropOf: dropUnder },
    onDrop,
  );
}

/** In a lane the left edge of what is dragged counts, since that is where it begins. */
function dropUnder(grip: HTMLElement, at: Point, left: number): LaneDrop | undefined {
  const { session, task = '' } = grip.dataset;
  const held = session === undefined ? { task } : { session };
  const date = elementUnder(at, '[data-date]')?.dataset.date;
  if (date) return { ...held, over: 'date', date };
  const lane = elementUnder(at, '[data-person]');
  const person = lane?.dataset.person;
  if (!lane || !person) return undefined;
  const box = lane.getBoundingClientRect();
  return { ...held, over: 'lane', person, share: Math.min(1, Math.max(0, (left - box.left) / box.width)) };
}
