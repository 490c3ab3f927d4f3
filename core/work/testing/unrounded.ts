import type { CleanTask } from '../task';

/** Hands-on person-minutes as they are estimated, before each step is rounded to whole minutes. */
export function unrounded(tasks: readonly CleanTask[]): number {
  return tasks
    .flatMap((task) => task.estimate.steps)
    .reduce((sum, { step, minutes }) => sum + (step.mode === 'hands' ? minutes * step.crew : 0), 0);
}
