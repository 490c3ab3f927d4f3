import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { handsRange, tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { DOZEN_HOMES } from '@/demo/dozen-homes';
import { PARTS, partsOfWork } from './parts-of-work';

describe('the parts of a room’s hours', () => {
  it('are together all of them, in the same order everywhere', () => {
    for (const household of DOZEN_HOMES) {
      const tasks = tasksOf(workOf(household, CATALOGUE));
      const parts = partsOfWork(tasks);
      expect(
        parts.reduce((sum, { minutes }) => sum + minutes, 0),
        household.name,
      ).toBe(handsRange(tasks).minutes);
      expect(PARTS.filter((part) => parts.some((one) => one.part === part))).toEqual(
        parts.map(({ part }) => part),
      );
    }
  });

  it('are none where there is nothing to do', () => {
    expect(partsOfWork([])).toEqual([]);
  });
});
