import type { BaseMetrics, Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { type ThawPoint, thawLine } from '../plan/thaw-line';
import { fits } from './smallest';

/** What a plan comes to, short enough to be told while it is being made. */
export type Outcome = {
  /** From today on: hands-on person-minutes still frozen at the end of each date. */
  readonly line: readonly ThawPoint[];
  readonly metrics: BaseMetrics;
  readonly sessions: number;
  /** Jobs without a place. */
  readonly leftOut: number;
  readonly fits: boolean;
  /** How likely it is to be done by the finish line, once that is worked out. */
  readonly chance?: number;
};

export function outcomeOf(problem: Problem, plan: Plan, today: string): Outcome {
  return {
    line: thawLine(problem, plan, plan, today).planned,
    metrics: plan.metrics,
    sessions: plan.sessions.length,
    leftOut: plan.unplaced.length,
    fits: fits(plan),
  };
}
