import { type StepId, stepIdIn } from '@/core/basics/ids';
import type { CleanTask } from '@/core/work/tasks';
import { workOfStep } from '../words/piece-of-work';

export type StepName = { readonly title: string; readonly room: string };

/** What each step is called, and the room it is in, by its id. */
export function stepNames(tasks: readonly CleanTask[]): Map<string, StepName> {
  return new Map<string, StepName>(tasks.flatMap((task) => namesOf(task)));
}

function namesOf(task: CleanTask): (readonly [StepId, StepName])[] {
  return task.method.steps.map(({ key }) => {
    const id = stepIdIn(task.id, key);
    return [id, { title: workOfStep(task, id), room: task.room.name }] as const;
  });
}
