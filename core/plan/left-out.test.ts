import { describe, expect, it } from 'vitest';
import { leavesOutMore } from './left-out';
import type { Plan } from './plan';

const leaving = (must: number, should: number, could: number) =>
  ({ metrics: { unplaced: { must, should, could } } }) as Pick<Plan, 'metrics'>;

describe('which of two plans leaves out more', () => {
  it('is told by minutes, musts before shoulds before coulds', () => {
    expect(leavesOutMore(leaving(10, 0, 0), leaving(5, 300, 300))).toBe(true);
    expect(leavesOutMore(leaving(0, 9, 20), leaving(0, 19, 0))).toBe(false);
    expect(leavesOutMore(leaving(0, 9, 20), leaving(0, 9, 19))).toBe(true);
  });

  it('is neither where they leave out as much', () => {
    expect(leavesOutMore(leaving(1, 2, 3), leaving(1, 2, 3))).toBe(false);
  });
});
