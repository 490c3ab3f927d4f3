import { describe, expect, it } from 'vitest';
import { randomFrom } from '../../basics/random';
import { drawnJobShop, type JobShop, SIX_BY_SIX } from '../examples/job-shops';
import { CriticalPath, type Operation } from './critical-path';

function operationsOf({ jobs }: JobShop): Operation[] {
  const operations: Operation[] = [];
  for (const job of jobs) {
    const numbers = job.split(' ').map(Number);
    for (let i = 0; i < numbers.length; i += 2)
      operations.push({
        minutes: numbers[i + 1] as number,
        release: 0,
        resources: [numbers[i] as number],
        after: i > 0 ? [{ operation: operations.length - 1, gap: 0 }] : [],
        start: i,
      });
  }
  return operations;
}

describe('the critical path', () => {
  it('finds the order in which two jobs pass one machine soonest', () => {
    // The short one first, since its long rest needs no machine: 2 + 9, and 5 more beside it.
    const operations: Operation[] = [
      { minutes: 5, release: 0, resources: [0], after: [], start: 0 },
      { minutes: 2, release: 0, resources: [0], after: [], start: 5 },
      { minutes: 9, release: 0, resources: [], after: [{ operation: 1, gap: 0 }], start: 7 },
    ];
    const path = new CriticalPath(operations, 1, randomFrom(1));
    expect(path.best).toBe(16);
    path.search(5);
    expect(path.best).toBe(11);
    expect([...path.bestStarts]).toEqual([2, 0, 2]);
  });

  it('keeps to gaps and to what comes before', () => {
    const path = new CriticalPath(
      [
        { minutes: 3, release: 4, resources: [0], after: [], start: 4 },
        { minutes: 3, release: 0, resources: [0], after: [{ operation: 0, gap: 10 }], start: 17 },
      ],
      1,
      randomFrom(1),
    );
    path.search(20);
    expect(path.best).toBe(20);
  });

  it('reaches the optimum of the six by six', () => {
    const path = new CriticalPath(operationsOf(SIX_BY_SIX), 6, randomFrom(3));
    for (let i = 0; i < 40 && path.best > 55; i++) path.search(500);
    expect(path.best).toBe(55);
  });

  it('gives starts at which no machine runs two things, and the same for the same seed', () => {
    const operations = operationsOf(drawnJobShop(5, 8));
    const found = [1, 1].map((seed) => {
      const path = new CriticalPath(operations, 8, randomFrom(seed));
      path.search(2000);
      return path;
    });
    expect(found[0]?.best).toBe(found[1]?.best);
    const starts = found[0]?.bestStarts as Float64Array;
    operations.forEach((a, i) => {
      operations.forEach((b, j) => {
        if (i < j && a.resources[0] === b.resources[0])
          expect(
            (starts[i] as number) + a.minutes <= (starts[j] as number) ||
              (starts[j] as number) + b.minutes <= (starts[i] as number),
          ).toBe(true);
      });
      for (const { operation, gap } of a.after)
        expect(starts[i]).toBeGreaterThanOrEqual(
          (starts[operation] as number) + (operations[operation]?.minutes ?? 0) + gap,
        );
    });
  });
});
