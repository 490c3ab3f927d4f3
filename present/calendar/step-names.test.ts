import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '@/core/catalogue/catalogue';
import { tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';
import { juniperRow } from '@/demo/juniper-row';
import { stepNames } from './step-names';

describe('what a calendar calls a step', () => {
  it('is the job first, then the manner, with its room', () => {
    const tasks = tasksOf(workOf(juniperRow('2027-03-01'), CATALOGUE));
    const names = stepNames(tasks);
    for (const task of tasks)
      for (const { key } of task.method.steps) {
        const name = names.get(`${task.id}/${key}`);
        expect(name?.title.startsWith(task.method.title), task.id).toBe(true);
        expect(name?.room).toBe(task.room.name);
      }
  });
});
