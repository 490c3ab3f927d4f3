import { stepIdIn } from '../../core/basics/ids';
import type { CleanTask } from '../../core/work/tasks';
import { writeCalendar } from '../../present/calendar/write-calendar';
import { workOfStep } from '../../present/words/piece-of-work';
import type { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';

/** The sessions of a household's plan as an iCalendar file; without a plan it has no events. */
export async function sessionsCalendar(scope: HouseholdScope, person?: string): Promise<string> {
  const { household, tasks, plans } = await keptHousehold(scope);
  const { clean, timezone, name, people } = household;
  const empty = { entries: [], sessions: [] };
  return writeCalendar({
    name: `${name}: ${clean?.name ?? 'Early Thaw'}`,
    cleanId: clean?.id ?? 'clean',
    timezone,
    plan: plans?.latest.plan ?? empty,
    version: plans?.latest.version ?? 0,
    madeAt: plans?.latest.madeAt ?? '1970-01-01T00:00',
    people: new Map(people.map((member) => [member.id, member.name])),
    steps: stepNames(tasks),
    ...(person !== undefined && { person }),
  });
}

/** What each step is called, and the room it is in, by its id. */
export function stepNames(
  tasks: readonly CleanTask[],
): Map<string, { readonly title: string; readonly room: string }> {
  return new Map(
    tasks.flatMap((task) =>
      task.method.steps.map(
        (step) =>
          [
            stepIdIn(task.id, step.key),
            { title: workOfStep(task, stepIdIn(task.id, step.key)), room: task.room.name },
          ] as const,
      ),
    ),
  );
}
