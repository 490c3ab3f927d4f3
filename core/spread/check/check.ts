import { COST_PARTS } from '../../plan/costs';
import type { Plan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { costsOf, costView } from '../cost/costs';
import { metricsOf } from '../cost/metrics';
import { modelOf } from '../model/model';
import { meanwhileHolds } from './meanwhile';
import { breaksAreTaken, peopleAreFree } from './people';
import { machinesAreFree, roomsHaveSpace } from './places';
import { sessionsHold } from './sessions';
import { type Rule, resolve, type Subject, type Violation } from './subject';
import { followersFallWithPredecessors, stepsInOrder, wholeOrLeftOut } from './tasks';
import { datesHold, fixedStand, linksHold } from './times';

/** One line for a person: `rule 5: machine "washer" runs …`. */
export function describeViolation(violation: Violation): string {
  return `${typeof violation.rule === 'number' ? `rule ${violation.rule}` : violation.rule}: ${violation.message}`;
}

/**
 * Every rule that a plan breaks, in the order of the rules; empty for a valid plan.
 *
 * Fixed entries stand even where they alone break a rule, so a breach that only fixed entries and done steps share
 * in is none. `problemHash` is the SHA-256 of the problem's bytes.
 */
export function checkPlan(problem: Problem, plan: Plan, problemHash: string): Violation[] {
  const model = modelOf(problem);
  const resolved = resolve(model, plan, problemHash);
  if (!resolved.ok) return resolved.violations;
  const subject = resolved.subject;
  return [...resolved.violations, ...RULES.flatMap((rule) => rule(subject))];
}

const RULES: readonly Rule[] = [
  wholeOrLeftOut,
  stepsInOrder,
  peopleAreFree,
  breaksAreTaken,
  machinesAreFree,
  roomsHaveSpace,
  linksHold,
  datesHold,
  sessionsHold,
  fixedStand,
  followersFallWithPredecessors,
  meanwhileHolds,
  metricsAreTrue,
  costsAreTrue,
];

/** The figures that the plan gives of itself. */
function metricsAreTrue({ model, plan, entries, sessions, unplaced }: Subject): Violation[] {
  const true_ = metricsOf(model, entries, sessions, [...unplaced]);
  const rows: Row[] = [
    ['finish', plan.metrics.finish, true_.finish],
    ['hands', plan.metrics.hands, true_.hands],
    ['session', plan.metrics.session, true_.session],
    ['idle', plan.metrics.idle, true_.idle],
    ['unplaced.must', plan.metrics.unplaced.must, true_.unplaced.must],
    ['unplaced.should', plan.metrics.unplaced.should, true_.unplaced.should],
    ['unplaced.could', plan.metrics.unplaced.could, true_.unplaced.could],
    ['openRoomNights', plan.metrics.openRoomNights, true_.openRoomNights],
    ['wishesBroken', plan.metrics.wishesBroken, true_.wishesBroken],
  ];
  return differing(rows);
}

/** What the plan says that it costs; one of version 1 says nothing of it. */
function costsAreTrue({ model, plan, entries, unplaced }: Subject): Violation[] {
  if (plan.version === 1) return [];
  const { costs, cost } = costsOf(costView(model, entries, [...unplaced]));
  return differing([
    ...COST_PARTS.map((part): Row => [`costs.${part}`, plan.metrics.costs[part], costs[part]]),
    ['cost', plan.metrics.cost, cost],
  ]);
}

type Row = readonly [name: string, said: unknown, real: unknown];

function differing(rows: readonly Row[]): Violation[] {
  return rows
    .filter(([, said, real]) => said !== real)
    .map(([name, said, real]) => ({
      rule: 'metrics',
      message: `${name} is given as ${said} and is ${real}`,
    }));
}
