import { PRIORITIES } from '../basics/choices';
import type { Plan } from './plan';

/** Whether a plan leaves out more than another: by minutes, of musts before shoulds before coulds. */
export function leavesOutMore(one: Pick<Plan, 'metrics'>, other: Pick<Plan, 'metrics'>): boolean {
  const [a, b] = [one.metrics.unplaced, other.metrics.unplaced];
  const differing = PRIORITIES.find((priority) => a[priority] !== b[priority]);
  return differing !== undefined && a[differing] > b[differing];
}
