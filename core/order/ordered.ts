import type { CleanTask } from '../clean/task';
import type { Policy } from '../formats/problem';
import type { Home } from '../home/room';
import type { Settled } from './contradictions';
import { settledLinks } from './precedence';
import type { HouseholdRules } from './rule';
import { type OrderedStep, workingOrder } from './working-order';

/** The tasks of a clean in their order: what holds them there, what contradicts itself, and the steps one by one. */
export type OrderedWork = Settled & {
  readonly tasks: readonly CleanTask[];
  readonly steps: readonly OrderedStep[];
};

export function orderWork(
  tasks: readonly CleanTask[],
  home: Home,
  rules: HouseholdRules,
  grouping: Policy['grouping'],
): OrderedWork {
  const settled = settledLinks(tasks, home, rules);
  return { ...settled, tasks, steps: workingOrder(tasks, settled.links, grouping) };
}
