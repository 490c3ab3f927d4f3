import type { Direction } from '@/present/walk/room-model';

/** Going from thing to thing on the strip by the arrow keys: one of them is reached by Tab, the others from there. */

/** What lies across counts so much more than what lies ahead. */
const ASIDE = 3;
/** Edges that nearly meet still lie one after the other, in pixels. */
const TOUCH_PX = 4;

export type Box = {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
};

/** How far another box lies in a direction, the nearest first; undefined where it lies elsewhere. */
export function distanceTo(from: Box, to: Box, way: Direction): number | undefined {
  const [ahead, aside] = AHEAD[way](from, to);
  return ahead < -TOUCH_PX ? undefined : Math.max(0, ahead) + aside * ASIDE;
}

const AHEAD: Readonly<Record<Direction, (from: Box, to: Box) => readonly [ahead: number, aside: number]>> = {
  right: (from, to) => [to.left - from.right, apart(from.top, from.bottom, to.top, to.bottom)],
  left: (from, to) => [from.left - to.right, apart(from.top, from.bottom, to.top, to.bottom)],
  down: (from, to) => [to.top - from.bottom, apart(from.left, from.right, to.left, to.right)],
  up: (from, to) => [from.top - to.bottom, apart(from.left, from.right, to.left, to.right)],
};

/** What lies between two stretches; nothing where they overlap. */
function apart(from: number, to: number, otherFrom: number, otherTo: number): number {
  return Math.max(0, otherFrom - to, from - otherTo);
}

const PRESSES = 'button:not(:disabled)';

/** Takes the focus to the nearest thing in a direction; whether there was one. */
export function rove(strip: HTMLElement, from: HTMLElement, way: Direction): boolean {
  const here = from.getBoundingClientRect();
  let [nearest, least]: [HTMLElement | undefined, number] = [undefined, Number.POSITIVE_INFINITY];
  for (const press of strip.querySelectorAll<HTMLElement>(PRESSES)) {
    const distance = press === from ? undefined : distanceTo(here, press.getBoundingClientRect(), way);
    if (distance !== undefined && distance < least) [nearest, least] = [press, distance];
  }
  nearest?.focus();
  return nearest !== undefined;
}

/** Leaves one press of the strip to the Tab key: where the focus is or was last, else the first. */
export function settleRoving(strip: HTMLElement, last: HTMLElement | null): void {
  const all = strip.querySelectorAll<HTMLElement>(PRESSES);
  const here = last?.isConnected && strip.contains(last) ? last : all[0];
  for (const press of all) {
    const wanted = press === here ? 0 : -1;
    if (press.tabIndex !== wanted) press.tabIndex = wanted;
  }
}
