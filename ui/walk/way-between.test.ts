import { describe, expect, it } from 'vitest';
import { type Spot, wayBetween } from './way-between';

const spot = (column: number, row: number): Spot => ({
  id: `${column} ${row}`,
  x: 100 * column + 8,
  y: 60 * row + 30,
  gutter: 100 * column + 4,
  lane: 60 * row + 1,
});

/** Where each piece of a path ends. */
const ends = (way: string) =>
  [...way.matchAll(/([\d.]+),([\d.]+)(?=[MLAZ]|$)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

describe('the way from one thing to the next', () => {
  it('goes out at the left, along the top of the other’s row, and in at the left', () => {
    const [a, b] = [spot(1, 2), spot(4, 0)];
    const points = ends(wayBetween(a, b));
    expect(points[0]).toEqual([a.x, a.y]);
    expect(points.at(-1)).toEqual([b.x, b.y]);
    for (const [x, y] of points.slice(1, -1)) {
      const inGutter = Math.min(Math.abs(x - a.gutter), Math.abs(x - b.gutter)) <= 4;
      const inLane = Math.abs(y - b.lane) <= 4;
      expect(inGutter || inLane, `${x} ${y}`).toBe(true);
    }
  });

  it('is drawn without a fault where both stand in one column, or in one row', () => {
    for (const b of [spot(1, 0), spot(3, 2), spot(1, 2)]) {
      const way = wayBetween(spot(1, 2), b);
      expect(way).not.toMatch(/NaN|undefined/);
      expect(ends(way).at(-1)).toEqual([b.x, b.y]);
    }
  });
});
