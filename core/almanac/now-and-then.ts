import type { PRIORITIES } from '../basics/choices';
import { groupBy } from '../basics/group-by';
import { productsOf } from '../products/product-choice';
import type { CleanTask } from '../work/task';
import { type AlmanacEntry, urgencyOf } from './due';

/**
 * "Twenty minutes today": the best set of due things for that time, on the way that one takes anyhow, with one bucket. Worth
 * is how late something is by how much it matters; a room more costs the way to it.
 */

/** Between two rooms, and to fetch what is needed. */
const WAY_MINUTES = 2;
/** Nobody crosses the house for less. */
const LEAST_IN_A_ROOM = 5;
const READY_MINUTES = 2;
/** What matters more is worth so many times as much. */
const WORTH: Readonly<Record<(typeof PRIORITIES)[number], number>> = { must: 3, should: 2, could: 1 };
/** A soak that lasts longer than the time left has no place in it. */
const NOT_YET = 0.9;

/** What the weekly round covers is left to it. The order is that of the way through the house, in a room from the top down. */
export function bestFor(entries: readonly AlmanacEntry[], minutes: number): AlmanacEntry[] {
  const due = entries.filter(
    (entry) => !entry.routine && urgencyOf(entry) >= NOT_YET && fits(entry.task, minutes),
  );
  const buckets = new Set(due.map(({ task }) => bucketOf(task)).filter((bucket) => bucket !== undefined));
  const sets = [undefined, ...buckets].map((bucket) =>
    worthTheWay(
      due.filter(({ task }) => [undefined, bucket].includes(bucketOf(task))),
      minutes - READY_MINUTES,
    ),
  );
  const worthOf = (set: readonly AlmanacEntry[]) => set.reduce((sum, entry) => sum + worth(entry), 0);
  const best = sets.reduce((one, other) => (worthOf(other) > worthOf(one) ? other : one));
  return onTheWay(entries, new Set(best));
}

/** Rooms as they come, in each the ceiling before the floor. */
function onTheWay(entries: readonly AlmanacEntry[], chosen: ReadonlySet<AlmanacEntry>): AlmanacEntry[] {
  const rooms = groupBy(
    entries.filter((entry) => chosen.has(entry)),
    ({ task }) => task.room.id,
  );
  return [...rooms.values()].flatMap((own) =>
    own.toSorted((a, b) => a.task.method.layer - b.task.method.layer),
  );
}

/** Filled again without the rooms in which there was too little to go there for. */
function worthTheWay(due: readonly AlmanacEntry[], minutes: number): AlmanacEntry[] {
  const chosen = filled(due, minutes);
  const rooms = groupBy(chosen, ({ task }) => task.room.id);
  if (rooms.size < 2) return chosen;
  const least = [...rooms]
    .map(([id, own]) => ({ id, minutes: sumOf(own) }))
    .sort((a, b) => a.minutes - b.minutes)[0];
  if (!least || least.minutes >= LEAST_IN_A_ROOM) return chosen;
  return worthTheWay(
    due.filter(({ task }) => task.room.id !== least.id),
    minutes,
  );
}

function sumOf(entries: readonly AlmanacEntry[]): number {
  return entries.reduce((sum, { minutes }) => sum + minutes, 0);
}

function fits(task: CleanTask, minutes: number): boolean {
  return (
    task.estimate.hands.minutes + task.estimate.waitMinutes + READY_MINUTES <= minutes && !isHelped(task)
  );
}

/** Nobody else is asked for, and no machine is waited for. */
function isHelped({ estimate }: CleanTask): boolean {
  return estimate.steps.some(({ step }) =>
    step.mode === 'hands' ? (step.crew ?? 1) > 1 : step.machine !== undefined,
  );
}

function worth(entry: AlmanacEntry): number {
  return WORTH[entry.task.scope.priority] * Math.min(3, urgencyOf(entry)) * Math.sqrt(entry.minutes + 1);
}

/** One after the other what is worth most by the minute, ways included, as long as it fits. */
function filled(due: readonly AlmanacEntry[], minutes: number): AlmanacEntry[] {
  const chosen: AlmanacEntry[] = [];
  const rooms = new Set<string>();
  let left = minutes;
  const rest = new Set(due);
  for (;;) {
    const costOf = ({ minutes: own, task }: AlmanacEntry) =>
      Math.max(1, Math.round(own)) + (rooms.has(task.room.id) || rooms.size === 0 ? 0 : WAY_MINUTES);
    let best: AlmanacEntry | undefined;
    for (const entry of rest) {
      if (costOf(entry) > left) continue;
      if (!best || worth(entry) / costOf(entry) > worth(best) / costOf(best)) best = entry;
    }
    if (!best) return chosen;
    left -= costOf(best);
    rooms.add(best.task.room.id);
    chosen.push(best);
    rest.delete(best);
  }
}

/** What is in the bucket for a job; undefined where it takes none. */
export function bucketOf(task: CleanTask): string | undefined {
  return productsOf(task.products).length === 0
    ? undefined
    : productsOf(task.products).slice().sort().join('+');
}
