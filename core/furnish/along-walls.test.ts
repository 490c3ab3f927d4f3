import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import type { Fixture, Stop } from '../home/room';
import { alongWalls } from './along-walls';

const thing = (widthM: number, count = 1) =>
  ({ kind: 'something', size: { widthM }, count }) as unknown as Fixture;
const stop = (id: string, ...fixtures: Fixture[]): Stop => ({ id, name: id, shell: false, fixtures });
const SQUARE = { lengthM: 4, widthM: 4 };
/** Lamps usually are half a metre wide, and nothing else has a usual width. */
const lie = (room: typeof SQUARE, stops: readonly Stop[]) =>
  alongWalls(room, stops, (kind) => (kind === 'lamp' ? 0.5 : undefined));

describe('along the walls', () => {
  it('things lie as wide as they are, with what is free between them', () => {
    // 16 m round; 1 + 3 + 2 m are taken, and each gets a third of the 10 m that are free.
    const along = lie(SQUARE, [stop('door', thing(1)), stop('wardrobe', thing(3)), stop('bed', thing(1, 2))]);
    const free = 10 / 3;
    expect(along.map(({ share }) => share)).toEqual([1 + free, 3 + free, 2 + free]);
    expect(along[0]!.middle).toBe(0);
    expect(along[1]!.middle).toBeCloseTo((1 + free) / 2 + (3 + free) / 2);
  });

  it('things of which nobody has said how wide they are lie as wide as they usually are', () => {
    const lamp = { kind: 'lamp', size: {}, count: 3 } as unknown as Fixture;
    // 1.5 m for three lamps and 0.4 m for what has no width; half of the 14.1 m that are free for each.
    const along = lie(SQUARE, [stop('a', lamp), stop('b')]);
    expect(along.map(({ share }) => share)).toEqual([1.5 + 14.1 / 2, 0.4 + 14.1 / 2]);
  });

  it('are squeezed where more stands there than there is wall', () => {
    const along = lie(SQUARE, [stop('a', thing(16)), stop('b', thing(16))]);
    expect(along.map(({ share }) => share)).toEqual([8, 8]);
    expect(lie(SQUARE, [])).toEqual([]);
  });

  test.prop([fc.array(fc.float({ min: 0, max: 9, noNaN: true }), { minLength: 1, maxLength: 40 })], {
    seed: 9,
  })('are together as long as the walls, and each comes after the one before', (widths) => {
    const along = lie(
      SQUARE,
      widths.map((width, i) => stop(String(i), thing(width))),
    );
    expect(along.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(16);
    for (const [i, { middle }] of along.entries()) {
      expect(middle).toBeGreaterThanOrEqual(along[i - 1]?.middle ?? 0);
      expect(middle).toBeLessThan(16);
    }
  });
});
