import { describe, expect, it } from 'vitest';
import { rowsOf } from './lane-rows';

describe('rowsOf', () => {
  it('keeps one row for work that is long enough to be pressed', () => {
    expect(
      rowsOf(
        [
          { from: 600, to: 620 },
          { from: 620, to: 640 },
        ],
        10,
      ),
    ).toEqual([0, 0]);
  });

  it('moves aside what a short piece before it would cover, and comes back to the first row', () => {
    const blocks = [
      { from: 600, to: 603 },
      { from: 603, to: 607 },
      { from: 607, to: 630 },
      { from: 630, to: 640 },
    ];
    expect(rowsOf(blocks, 10)).toEqual([0, 1, 2, 0]);
  });
});
