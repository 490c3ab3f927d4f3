import { plannedMinutes } from '@/core/estimate/estimate';
import { type CleanTask, stepIdOf } from '@/core/work/tasks';

/** How long each wait takes, in minutes, by its step: a plan keeps it until somebody goes on. */
export function minutesOfWaits(tasks: readonly CleanTask[]): ReadonlyMap<string, number> {
  return new Map(
    tasks.flatMap((task) =>
      task.estimate.steps.flatMap((step) =>
        step.step.mode === 'wait' ? [[stepIdOf(task, step) as string, plannedMinutes(step)] as const] : [],
      ),
    ),
  );
}
