import type { HouseholdRules } from '../clean/rule';
import type { Home } from '../home/room';
import type { Policy } from '../plan/problem';
import { apartIn } from '../work/apart';
import type { CleanTask } from '../work/task';
import type { Settled } from './contradictions';
import { settledLinks } from './precedence';
import { inRoomOrder } from './room-order';
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
  const listed = inRoomOrder(tasks, rules.rooms, ({ room }) => room.id);
  return { ...settled, tasks: listed, steps: workingOrder(listed, settled.links, grouping, apartIn(listed)) };
}
