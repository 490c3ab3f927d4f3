import type { Cluster } from './clusters';
import type { Link, Model, Step } from './model';

/** Links by the step they hold, so that a placing need not look through all of them. */
export type LinkIndex = {
  /** Hard ones that put something before a step, or after it. */
  readonly into: (step: Step) => readonly Link[];
  readonly outOf: (step: Step) => readonly Link[];
  /** Wishes that put something before a step. */
  readonly wishesInto: (step: Step) => readonly Link[];
  readonly hard: readonly Link[];
  /** The steps of a cluster in their order, once it has been asked for. */
  readonly orders: WeakMap<Cluster, readonly Step[] | undefined>;
};

export function indexLinks(model: Model): LinkIndex {
  const hard = model.links.filter((link) => link.hard);
  const wishes = model.links.filter((link) => !link.hard);
  return {
    into: byStep(hard, ({ after }) => after),
    outOf: byStep(hard, ({ before }) => before),
    wishesInto: byStep(wishes, ({ after }) => after),
    hard,
    orders: new WeakMap(),
  };
}

const NO_LINKS: readonly Link[] = [];

function byStep(links: readonly Link[], stepOf: (link: Link) => Step): (step: Step) => readonly Link[] {
  const found: Link[][] = [];
  for (const link of links) {
    const { index } = stepOf(link);
    found[index] ??= [];
    found[index].push(link);
  }
  return ({ index }) => found[index] ?? NO_LINKS;
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
  const innerLinks = (step: Step) => links.outOf(step).filter((link) => inside.has(link.after));
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
  return steps.some((step) => links.outOf(step).some((link) => link.after.task === step.task));
}
