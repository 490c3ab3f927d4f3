import type { Block } from './lanes-model';

/**
 * The row of a lane in which each block is drawn, from 0. Work that is shorter than `shortest` minutes is drawn as long as
 * that, so that it can be pressed; what it would cover goes into the next row.
 */
export function rowsOf(blocks: readonly Pick<Block, 'from' | 'to'>[], shortest: number): number[] {
  const ends: number[] = [];
  return blocks.map(({ from, to }) => {
    const free = ends.findIndex((end) => end <= from);
    const row = free < 0 ? ends.length : free;
    ends[row] = Math.max(to, from + shortest);
    return row;
  });
}
