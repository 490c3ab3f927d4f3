import type { Cluster } from './clusters';
import type { Step, Task } from './model';
import { type LinkIndex, stepOrder } from './step-order';

/**
 * Steps of a task that have to be placed in one go: the hands that set a wait going and what must follow it in time.
 * What may as well come later begins the next segment, so that other work can be put in between.
 */
export type Segment = {
  readonly cluster: Cluster;
  readonly steps: readonly Step[];
  /** The segment of the same task that comes before it. */
  readonly after: Segment | undefined;
};

/** A cluster cut into its segments, in order; undefined where hard rules run in a circle between its steps. */
export function segmentsOf(cluster: Cluster, links: LinkIndex, isOneDate = false): Segment[] | undefined {
  const order = stepOrder(cluster, links);
  if (order === undefined) return undefined;
  if (!cluster.tasks.every((task) => canBeCut(task, cluster, isOneDate)))
    return [{ cluster, steps: order, after: undefined }];
  const segments: Segment[] = [];
  let steps: Step[] = [];
  const close = () => {
    if (steps.length > 0) segments.push({ cluster, steps, after: segments[segments.length - 1] });
    steps = [];
  };
  for (const step of order) {
    if (canComeLater(step, links)) close();
    steps.push(step);
  }
  close();
  return segments;
}

/** Tasks that go together with others or with what is fixed, that keep to one day or to dry ones, are looked at as a whole. */
function canBeCut(task: Task, cluster: Cluster, isOneDate: boolean): boolean {
  const isFixed = task.steps.some((step) => step.fixed.length > 0);
  return cluster.tasks.length === 1 && !isFixed && !task.dry && (isOneDate || !task.sameDay);
}

/** Whether a step may start some time after the one before it, so that other work can be put in between. */
function canComeLater(step: Step, links: LinkIndex): boolean {
  const previous = step.task.steps[step.position - 1];
  if (!previous) return false;
  if (previous.mode === 'hands') return step.mode === 'hands';
  if (step.mode === 'wait' && Number.isFinite(previous.atMost)) return false;
  return links.outOf(previous).length === 0;
}
