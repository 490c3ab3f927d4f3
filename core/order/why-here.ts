import { groupBy } from '../basics/group-by';
import type { OrderRule, Within } from '../clean/rule';
import type { CleanTask } from '../work/task';
import type { OrderedWork } from './ordered';
import { tasksInOrder } from './working-order';

/** A rule that holds a task where it is, with the tasks that come first because of it. */
export type Hold = { readonly rule: OrderRule; readonly after: readonly CleanTask[] };

const NEARNESS: Record<Within, number> = { stop: 0, load: 0, room: 1, connected: 2, house: 3 };

/** Why a task is where it is: the rules that hold it back, the nearest first, and of each the nearest task first. */
export function whyHere(work: OrderedWork, taskId: string): Hold[] {
  const place = new Map(tasksInOrder(work.steps).map((task, i) => [task.id, i]));
  const at = (task: CleanTask) => place.get(task.id) ?? 0;
  const into = work.links.filter((link) => link.after.id === taskId);
  return [...groupBy(into, (link) => link.rule)]
    .map(([rule, links]) => ({
      rule,
      after: links.map((link) => link.before).sort((a, b) => at(b) - at(a)),
    }))
    .sort(
      (a, b) =>
        NEARNESS[a.rule.within] - NEARNESS[b.rule.within] ||
        at(b.after[0] as CleanTask) - at(a.after[0] as CleanTask),
    );
}
