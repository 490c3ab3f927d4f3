import { path } from 'd3-path';

/** Where a thing on the strip begins, and the gutters by which one comes to it; pixels of the strip. */
export type Spot = {
  readonly id: string;
  readonly x: number;
  readonly y: number;
  /** Left of its column. */
  readonly gutter: number;
  /** Along the top of its row. */
  readonly lane: number;
};

/** The radius of a bend. */
const BEND_PX = 3;

/** Out into the gutter, along the top of the other’s row, and in from its gutter, with round bends: across no word. */
export function wayBetween(from: Spot, to: Spot): string {
  const corners: readonly (readonly [number, number])[] = [
    [from.gutter, from.y],
    [from.gutter, to.lane],
    [to.gutter, to.lane],
    [to.gutter, to.y],
    [to.x, to.y],
  ];
  const way = path();
  way.moveTo(from.x, from.y);
  corners.slice(0, -1).forEach(([x, y], i) => {
    const [nextX, nextY] = corners[i + 1] as readonly [number, number];
    way.arcTo(x, y, nextX, nextY, BEND_PX);
  });
  way.lineTo(to.x, to.y);
  return way.toString();
}
