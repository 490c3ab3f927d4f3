import type { Cluster } from './clusters';
import type { Link, Model, Step } from './model';

/** Links by the step they hold, so that a placing need not look through all of them. */
export type LinkIndex = {
  readonly into: ReadonlyMap<Step, readonly Link[]>;
  readonly outOf: ReadonlyMap<Step, readonly Link[]>;
  /** Those that bind. */
  readonly hard: readonly Link[];
  /** The steps of a cluster in their order, once it has been asked for. */
  readonly orders: WeakMap<Cluster, readonly Step[] | undefined>;
};

export function indexLinks(model: Model): LinkIndex {
  const into = new Map<Step, Link[]>();
  const outOf = new Map<Step, Link[]>();
  for (const link of model.links) {
    into.set(link.after, [...(into.get(link.after) ?? []), link]);
    outOf.set(link.before, [...(outOf.get(link.before) ?? []), link]);
  }
  return { into, outOf, hard: model.links.filter((link) => link.hard), orders: new WeakMap() };
}

/** Steps of the cluster so that each comes after what it has to follow; undefined where hard rules run in a circle. */
export function stepOrder(cluster: Cluster, links: LinkIndex): readonly Step[] | undefined {
  if (!links.orders.has(cluster)) links.orders.set(cluster, orderOf(cluster, links));
  return links.orders.get(cluster);
}

function orderOf(cluster: Cluster, links: LinkIndex): readonly Step[] | undefined {
  const steps = cluster.tasks.flatMap((task) => task.steps);
  if (cluster.tasks.length === 1 && !hasInnerLink(steps, links)) return steps;
  const inside = new Set(steps);
  const open = new Map<Step, number>(steps.map((step) => [step, step.position > 0 ? 1 : 0]));
  const innerLinks = (step: Step) =>
    (links.outOf.get(step) ?? []).filter((link) => link.hard && inside.has(link.after));
  for (const step of steps)
    for (const link of innerLinks(step)) open.set(link.after, (open.get(link.after) ?? 0) + 1);
  const ready = steps.filter((step) => open.get(step) === 0);
  const ordered: Step[] = [];
  while (ready.length > 0) {
    // A wait starts the moment the step before it ends, so it is placed before anything else.
    const waiting = ready.findIndex((step) => step.mode === 'wait' && step.position > 0);
    const [step] = ready.splice(Math.max(waiting, 0), 1) as [Step];
    ordered.push(step);
    const chained = step.task.steps[step.position + 1];
    for (const follower of [...(chained ? [chained] : []), ...innerLinks(step).map((link) => link.after)]) {
      const left = (open.get(follower) ?? 0) - 1;
      open.set(follower, left);
      if (left === 0) ready.push(follower);
    }
  }
  return ordered.length === steps.length ? ordered : undefined;
}

function hasInnerLink(steps: readonly Step[], links: LinkIndex): boolean {
  return steps.some((step) =>
    (links.outOf.get(step) ?? []).some((link) => link.hard && link.after.task === step.task),
  );
}
