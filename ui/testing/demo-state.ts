import { CATALOGUE } from '@/core/catalogue/catalogue';
import type { Household } from '@/core/household/household';
import { orderWork } from '@/core/order/ordered';
import type { Plan } from '@/core/plan/plan';
import type { Campaign, Current } from '@/core/problem/campaign';
import { expand } from '@/core/problem/expand';
import { plan } from '@/core/spread';
import { listTasks, tasksOf } from '@/core/work/tasks';
import { workOf } from '@/core/work/work';

/** What the server puts together for the pages, made of a household without a server. */
export function stateOf(household: Household, now: string, latest: Plan, first: Plan = latest): Current {
  const keep = (version: number, kept: Plan) => ({ version, basis: '', madeAt: '', plan: kept });
  const tasks = tasksOf(workOf(household, CATALOGUE));
  const campaign: Campaign = {
    clean: household.clean,
    problem: expand(household, CATALOGUE, now),
    plans: { first: keep(1, first), latest: keep(2, latest) },
    stale: false,
  };
  return {
    household,
    now,
    today: now.slice(0, 10),
    tasks,
    order: orderWork(tasks, household.home, household.rules, household.clean.grouping),
    listed: listTasks(workOf(household, CATALOGUE)),
    edits: {},
    campaign,
  };
}

/** A plan that is valid, and the same each time; not the best there is. */
export function quickPlan(household: Household, now: string): Plan {
  return plan(expand(household, CATALOGUE, now), {
    problemHash: '0'.repeat(64),
    seed: 1,
    rounds: 0,
    stop: () => true,
  });
}
