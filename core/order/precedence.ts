import type { HouseholdRules } from '../clean/rule';
import type { StepEstimate } from '../estimate/estimate';
import type { Home } from '../home/room';
import type { Precedence } from '../plan/problem';
import { type Apart, apartIn } from '../work/apart';
import { type CleanTask, stepIdOf } from '../work/task';
import { APART_MINUTES } from '../work/uses';
import { type Settled, withoutCircles } from './contradictions';
import { rulesWith } from './household-rules';
import { connectionsOf, linksOf, type RuledLink } from './links';

/** What comes before what among the tasks of a home, without circles. */
export function settledLinks(tasks: readonly CleanTask[], home: Home, rules: HouseholdRules): Settled {
  return withoutCircles(tasks, linksOf(tasks, rulesWith(rules, home), connectionsOf(home)));
}

/** The links in the form of the problem document. */
export function precedenceOf(links: readonly RuledLink[]): Precedence[] {
  return links.map(({ rule, before, after, from, to }) => ({
    before: from === before.estimate.steps.length - 1 ? before.id : stepAt(before, from),
    after: to === 0 ? after.id : stepAt(after, to),
    ...(rule.minGap !== undefined && { minGap: rule.minGap }),
    ...(rule.maxGap !== undefined && { maxGap: rule.maxGap }),
    hard: rule.hard,
    ...(rule.hard && rule.orderOnly && { orderOnly: true }),
    ...(!rule.hard && rule.minutes !== undefined && { cost: rule.minutes }),
    reason: rule.reason,
  }));
}

function stepAt(task: CleanTask, position: number): string {
  return stepIdOf(task, task.estimate.steps[position] as StepEstimate);
}

/**
 * Products that must not meet, as precedence: the second task begins a whole day after the first has ended. What has
 * begun already goes first; else what comes first on the walk of work, so that no circle arises.
 */
export function apartPrecedence(
  tasks: readonly CleanTask[],
  begun: ReadonlySet<string>,
  rankOf: (task: CleanTask) => number,
): Precedence[] {
  return apartIn(tasks).map((apart) => {
    const [before, after] = inTurn(apart, begun, rankOf);
    return {
      before: before.id,
      after: after.id,
      minGap: APART_MINUTES,
      hard: true,
      orderOnly: true,
      reason: apart.clash.why,
    };
  });
}

function inTurn(
  { first, second }: Apart,
  begun: ReadonlySet<string>,
  rankOf: (task: CleanTask) => number,
): [CleanTask, CleanTask] {
  const later = (task: CleanTask) => (begun.has(task.id) ? -1 : rankOf(task));
  return later(second) < later(first) ? [second, first] : [first, second];
}
