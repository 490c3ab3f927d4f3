/** So far across the screen the first work may lie, and so much is seen before it, in pixels. */
const LATE_SHARE = 0.6;
const BESIDE_FIRST = 24;

/** Where a narrow screen would begin with an hour in which nobody works, the lanes begin with the first work. */
export function showFirst(lanes: HTMLElement): void {
  const view = lanes.getBoundingClientRect();
  const lefts = [...lanes.querySelectorAll('[data-task]')].map((block) => block.getBoundingClientRect().left);
  const first = Math.min(...lefts);
  const lane = lanes.querySelector('[data-person]')?.getBoundingClientRect().left ?? view.left;
  if (lefts.length > 0 && first > view.left + view.width * LATE_SHARE)
    lanes.scrollLeft += first - lane - BESIDE_FIRST;
}
