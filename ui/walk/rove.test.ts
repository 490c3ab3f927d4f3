import { describe, expect, it } from 'vitest';
import { type Box, distanceTo } from './rove';

const box = (left: number, top: number, width = 100, height = 40): Box => ({
  left,
  top,
  right: left + width,
  bottom: top + height,
});
const here = box(200, 200);
const ways = (to: Box) =>
  (['left', 'right', 'up', 'down'] as const).filter((way) => distanceTo(here, to, way) !== undefined);

describe('the way by arrow keys', () => {
  it('leads to what lies in that direction, and nowhere else', () => {
    expect(ways(box(310, 200))).toEqual(['right']);
    expect(ways(box(90, 200))).toEqual(['left']);
    expect(ways(box(200, 150))).toEqual(['up']);
    expect(ways(box(200, 250))).toEqual(['down']);
    expect(ways(box(310, 250))).toEqual(['right', 'down']);
  });

  it('leads along the row before it leads across', () => {
    const along = distanceTo(here, box(420, 200), 'right')!;
    const across = distanceTo(here, box(310, 300), 'right')!;
    expect(along).toBeLessThan(across);
    // A band all round lies below everything over it.
    expect(distanceTo(here, box(0, 260, 900), 'down')).toBe(20);
  });
});
