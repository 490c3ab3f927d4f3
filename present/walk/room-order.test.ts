import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { orderWork } from '@/core/order/ordered';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { earlierJobs, roomOrder } from './room-order';

const household = juniperRow('2027-03-01');
const tasks = tasksOf(workOf(household, CATALOGUE));
const steps = roomOrder(orderWork(tasks, household.home, household.rules, 'room'), 'bedroom');

describe('the order of work in a room', () => {
  it('starts with what goes into the wash, before dust flies, and ends with the floor', () => {
    expect(steps.slice(0, 3).map((step) => step.fixture)).toEqual([
      'bedroom-3-curtains',
      'bedroom-5-bed',
      'bedroom-0-ceiling',
    ]);
    expect(steps.at(-1)?.fixture).toBe('bedroom-0-carpet');
  });

  it('says which wait a step sets going, and which one it comes back from', () => {
    const [down, up] = steps.filter((step) => step.job === 'Wash the curtains');
    expect(down).toMatchObject({ sets: { minutes: 50 }, waited: 0 });
    expect(up).toMatchObject({ waited: 50, sets: undefined });
  });

  it('says what holds each step, and in front of what it can be moved', () => {
    const sill = steps.find((step) => step.task.endsWith(':sill-wipe'))!;
    expect(sill.holds[0]).toMatchObject({
      rule: 'window before sill',
      hard: true,
      after: ['Clean window, frame and sill inside'],
    });
    const before = earlierJobs(steps, steps.indexOf(sill)).map(({ task }) => task.split(':')[1]);
    expect(before).toContain('window-inside');
    expect(before).not.toContain('sill-wipe');
    expect(earlierJobs(steps, 0)).toEqual([]);
  });
});
