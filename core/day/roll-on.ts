import { taskOfStep } from '../basics/ids';
import type { Clean } from '../clean/clean';
import type { HouseholdChange } from '../household/change';
import type { Precedence, Problem } from '../plan/problem';

/** What was missed, by its steps, and the rules between what is still to do. */
export type Missed = {
  readonly slipped: readonly string[];
  readonly problem: Pick<Problem, 'tasks' | 'precedence'>;
};

/**
 * Ways to find new days for what was missed, the gentlest first: on one reserve day that is opened for it, on two, and
 * so on; at last on any day, with all reserve days opened. What other work has to wait for is done as soon as may be in
 * any of them; where all of it is such, no reserve day is opened for it at first: nothing to change. None where no reserve
 * day is left.
 */
export function waysToRollOn(
  clean: Clean,
  missed: Missed,
  today: string,
): readonly (HouseholdChange | undefined)[] {
  const tasks = withNothingWaiting(missed);
  const reserve = clean.reserve.filter((date) => date >= today).sort();
  const opening = (dates: readonly string[]): HouseholdChange => ({
    do: 'put-clean',
    clean: { ...clean, reserve: clean.reserve.filter((date) => !dates.includes(date)) },
  });
  const onReserve = reserve.map((_, i): HouseholdChange => {
    const opened = reserve.slice(0, i + 1);
    const later = tasks.map((task) => ({ task, from: opened[0] as string }));
    return { do: 'several', changes: [opening(opened), { do: 'later', later }] };
  });
  if (reserve.length === 0) return [];
  return [...(tasks.length === 0 ? [undefined] : onReserve), opening(reserve)];
}

/** Missed tasks that nothing else has to come after. */
function withNothingWaiting({ slipped, problem: { tasks, precedence } }: Missed): string[] {
  const missed = new Set<string>(slipped.map(taskOfStep));
  const ids = new Set(tasks.map(({ id }) => id));
  const taskIn = (id: Precedence['before']): string => (ids.has(id) ? id : taskOfStep(id));
  const waitedFor = new Set(
    precedence
      .filter(({ hard, after }) => hard && !missed.has(taskIn(after)))
      .map(({ before }) => taskIn(before)),
  );
  return [...missed].filter((task) => !waitedFor.has(task));
}
