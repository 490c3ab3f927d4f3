import { minuteOf } from '../../basics/local-time';
import type { MadePlan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { compareScores, type Score } from './tally';

/** The best of some plans for a problem, as "Which plan is better" in docs/formats/plan.md has it; the first of those alike. */
export function bestPlan({ policy }: Problem, plans: readonly [MadePlan, ...MadePlan[]]): MadePlan {
  const scoreOf = ({ metrics: { unplaced, finish, cost } }: MadePlan): Score => {
    const end = policy.spread === 'soonest' && finish !== null ? minuteOf(finish) : 0;
    return [unplaced.must, unplaced.should, unplaced.could, end, cost];
  };
  return plans.reduce((best, made) => (compareScores(scoreOf(made), scoreOf(best)) < 0 ? made : best));
}
