import { stronglyConnected } from '../../basics/strongly-connected';
import type { Link, Model, Task } from './model';

/**
 * Tasks that have to be placed together, because hard rules run in a circle between their steps (strip the bed,
 * vacuum the mattress, make the bed) or because one has to follow another within a largest gap.
 */
export type Cluster = { readonly tasks: readonly Task[] };

/** Tasks in the smallest groups that can be placed one after the other, in no particular order; some each by itself. */
export function clustersOf(model: Model, alone: ReadonlySet<Task> = new Set()): Cluster[] {
  return componentsOf(
    model.tasks,
    model.links.filter(
      ({ hard, before, after }) => hard && !alone.has(before.task) && !alone.has(after.task),
    ),
    (link) => Number.isFinite(link.maxGap),
  );
}

/** The same for a few tasks, once placing them together has failed: only what can't be parted stays together. */
export function loosen(cluster: Cluster, model: Model): Cluster[] {
  const inside = new Set(cluster.tasks);
  const links = model.links.filter(
    (link) => link.hard && !link.orderOnly && inside.has(link.before.task) && inside.has(link.after.task),
  );
  return inOrder(
    componentsOf(cluster.tasks, links, () => false),
    links,
    (a, b) => firstIndex(a) - firstIndex(b),
  );
}

/**
 * Clusters so that whatever a hard rule puts first comes first, and `byRank` decides the rest. The links must not
 * run in a circle between the clusters.
 */
export function inOrder(
  clusters: readonly Cluster[],
  links: readonly Link[],
  byRank: (a: Cluster, b: Cluster) => number,
): Cluster[] {
  const home = new Map<Task, Cluster>();
  for (const cluster of clusters) for (const task of cluster.tasks) home.set(task, cluster);
  const followers = new Map<Cluster, Set<Cluster>>();
  const open = new Map<Cluster, number>(clusters.map((cluster) => [cluster, 0]));
  for (const link of links) {
    const before = home.get(link.before.task);
    const after = home.get(link.after.task);
    if (!before || !after || before === after) continue;
    const known = followers.get(before) ?? new Set();
    if (!known.has(after)) open.set(after, (open.get(after) ?? 0) + 1);
    followers.set(before, known.add(after));
  }
  const ready = clusters.filter((cluster) => open.get(cluster) === 0).sort(byRank);
  const ordered: Cluster[] = [];
  for (let next = ready.shift(); next; next = ready.shift()) {
    ordered.push(next);
    for (const follower of followers.get(next) ?? []) {
      const left = (open.get(follower) ?? 0) - 1;
      open.set(follower, left);
      if (left === 0) insertSorted(ready, follower, byRank);
    }
  }
  return ordered;
}

function insertSorted<T>(list: T[], item: T, compare: (a: T, b: T) => number): void {
  let low = 0;
  let high = list.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (compare(list[middle] as T, item) <= 0) low = middle + 1;
    else high = middle;
  }
  list.splice(low, 0, item);
}

function firstIndex(cluster: Cluster): number {
  return Math.min(...cluster.tasks.map((task) => task.index));
}

/** Tasks that can all be reached from each other; `bothWays` links join their two ends. */
function componentsOf(
  tasks: readonly Task[],
  links: readonly Link[],
  bothWays: (link: Link) => boolean,
): Cluster[] {
  const numbers = new Map(tasks.map((task, i) => [task, i]));
  const followers: number[][] = tasks.map(() => []);
  for (const link of links) {
    const before = numbers.get(link.before.task);
    const after = numbers.get(link.after.task);
    if (before === undefined || after === undefined || before === after) continue;
    followers[before]?.push(after);
    if (bothWays(link)) followers[after]?.push(before);
  }
  return stronglyConnected(followers).map((set) => ({
    tasks: set.map((i) => tasks[i] as Task).sort((a, b) => a.index - b.index),
  }));
}
