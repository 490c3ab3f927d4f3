import { partsOfStepId } from '../basics/ids';
import { formatMinute, minuteOf } from '../basics/local-time';
import type { ProductClash } from '../catalogue/clashes';
import type { PastUse, Use } from '../clean/use';
import { clashOf } from './apart';
import { touchesProducts } from './step-tags';
import type { CleanTask } from './task';

/** What a step is done with by the plan of today; undefined where it touches no product. */
export function usedAt(task: CleanTask, stepKey: string): Use | undefined {
  const step = task.method.steps.find((known) => known.key === stepKey);
  if (step?.mode !== 'hands' || !touchesProducts(task, step)) return undefined;
  const { school, doses, disinfectant } = task.products;
  if (doses.length === 0 && !disinfectant) return undefined;
  return { room: task.room.id, school, doses: [...doses], ...(disinfectant && { disinfectant }) };
}

/** The last use in each task of which something is ticked off, by task. */
export function usesOf(
  ticks: readonly { readonly step: string; readonly at: string; readonly used?: Use | undefined }[],
): ReadonlyMap<string, PastUse> {
  const uses = new Map<string, PastUse>();
  for (const { step, at, used } of ticks) {
    const task = partsOfStepId(step)?.taskId;
    if (!used || task === undefined) continue;
    const known = uses.get(task);
    if (!known || known.at < at) uses.set(task, pastUse(used, at));
  }
  return uses;
}

/** The same use of the same tick is the same object, so that many can be compared at a glance. */
const pastUses = new WeakMap<Use, PastUse>();

function pastUse(used: Use, at: string): PastUse {
  const known = pastUses.get(used);
  if (known?.at === at) return known;
  const fresh = { ...used, at };
  pastUses.set(used, fresh);
  return fresh;
}

/** So long after a use the room is free for what must not meet it: the next day at the same time. */
export const APART_MINUTES = 24 * 60;

/** What was used last in a task's room that must not meet it there, and why; undefined where nothing holds it. */
export function holdOf(
  uses: ReadonlyMap<string, PastUse>,
  task: CleanTask,
): { readonly use: PastUse; readonly clash: ProductClash } | undefined {
  if (uses.has(task.id)) return undefined;
  const holds = [...uses.values()].flatMap((use) => {
    const clash = use.room === task.room.id ? clashOf(use, task.products) : undefined;
    return clash ? [{ use, clash }] : [];
  });
  return holds.sort((a, b) => (a.use.at < b.use.at ? 1 : -1))[0];
}

/**
 * Whether something that lies before a day has passed must not meet what was used in its room; what is begun goes on as it
 * was begun.
 */
export function isInTheWay(
  use: PastUse,
  tasks: readonly CleanTask[],
  entries: readonly { readonly step: string; readonly start: string }[],
  begun: ReadonlySet<string>,
): boolean {
  const held = new Set<string>(
    tasks.flatMap(({ id, room, products }) =>
      room.id === use.room && !begun.has(id) && clashOf(use, products) ? [id] : [],
    ),
  );
  const until = freeFrom(use);
  return (
    held.size > 0 &&
    entries.some(({ step, start }) => start < until && held.has(partsOfStepId(step)?.taskId ?? ''))
  );
}

function freeFrom({ at }: PastUse): string {
  return formatMinute(minuteOf(at) + APART_MINUTES);
}

/** The local time before which a task must not begin, for what was used in its room. */
export function earliestAfter(uses: ReadonlyMap<string, PastUse>, task: CleanTask): string | undefined {
  const hold = holdOf(uses, task);
  return hold && freeFrom(hold.use);
}
