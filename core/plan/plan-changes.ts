import { taskOfStep } from '../basics/ids';
import type { Plan, PlanEntry } from './plan';

/** A task that lies elsewhere than before: when it began and begins, and who does it. */
export type TaskChange = {
  readonly task: string;
  readonly from?: { readonly start: string; readonly people: readonly string[] };
  readonly to?: { readonly start: string; readonly people: readonly string[] };
};

/**
 * What differs between two plans, by task, in the order of the later one. Steps that only one of them has because they
 * were ticked off in between are no change.
 */
export function changesBetween(before: Plan, after: Plan): TaskChange[] {
  const [old, now] = [byTask(before), byTask(after)];
  const out = new Set(after.unplaced.map((item) => item.task));
  const tasks = [...now.keys(), ...[...old.keys()].filter((task) => !now.has(task) && out.has(task))];
  return tasks.flatMap((task): TaskChange[] => {
    const [was, is] = [old.get(task), now.get(task)];
    if (was && is && sameSteps(was, is)) return [];
    return [{ task, ...(was && { from: placeOf(was) }), ...(is && { to: placeOf(is) }) }];
  });
}

function byTask(plan: Plan): Map<string, PlanEntry[]> {
  const tasks = new Map<string, PlanEntry[]>();
  for (const entry of plan.entries) {
    const task = taskOfStep(entry.step);
    tasks.set(task, [...(tasks.get(task) ?? []), entry]);
  }
  return tasks;
}

function sameSteps(was: readonly PlanEntry[], is: readonly PlanEntry[]): boolean {
  const known = new Map<string, string[]>();
  for (const entry of was) known.set(entry.step, [...(known.get(entry.step) ?? []), keyOf(entry)]);
  return is.every((entry) => known.get(entry.step)?.includes(keyOf(entry)) ?? false);
}

/** How long a wait lasts hangs on the step after it; it moves with that. */
function keyOf({ start, end, people }: PlanEntry): string {
  return people.length === 0 ? start : `${start} ${end} ${[...people].sort().join()}`;
}

function placeOf(entries: readonly PlanEntry[]): { start: string; people: string[] } {
  const hands = entries.filter((entry) => entry.people.length > 0);
  const [first] = [...(hands.length > 0 ? hands : entries)].sort((a, b) => a.start.localeCompare(b.start));
  return { start: first?.start ?? '', people: [...new Set(hands.flatMap((entry) => entry.people))] };
}
