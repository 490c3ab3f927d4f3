import { minuteOf } from '../../basics/local-time';
import type { Plan } from '../../plan/plan';
import type { Problem } from '../../plan/problem';
import { type Model, modelOf } from '../model/model';
import { isWishBroken } from './costs';
import { type Placed, stepTimes } from './metrics';

/** A wish that a plan does not keep: what lies too early, what should have come before it, and what that costs. */
export type BrokenWish = {
  readonly room: string;
  /** Ids of tasks. */
  readonly before: string;
  readonly after: string;
  readonly reason: string;
  /** Minutes' worth, after its factor. */
  readonly cost: number;
};

/** The last plan that was asked about, by the problem: pages ask about the same again and again. */
const known = new WeakMap<Problem, { readonly of: Plan; readonly broken: readonly BrokenWish[] }>();

/** The wishes that a plan for a problem breaks, the dearest first. What the plan says of steps done since does not count. */
export function brokenWishesOf(problem: Problem, plan: Plan): readonly BrokenWish[] {
  const last = known.get(problem);
  if (last?.of === plan) return last.broken;
  const broken = workedOut(problem, plan);
  known.set(problem, { of: plan, broken });
  return broken;
}

function workedOut(problem: Problem, plan: Plan): BrokenWish[] {
  const model = modelOf(problem);
  const times = stepTimes(openEntries(model, plan));
  const factor = problem.policy.weights?.wishes ?? 1;
  return model.links
    .filter((link) => isWishBroken(link, times))
    .map(({ before, after, reason, cost }) => ({
      room: after.task.room.id,
      before: before.task.id,
      after: after.task.id,
      reason,
      cost: cost * factor,
    }))
    .sort((a, b) => b.cost - a.cost);
}

function openEntries(model: Model, { entries }: Plan): Placed[] {
  return entries.flatMap(({ step: id, start, end }) => {
    const step = model.steps.get(id);
    if (!step || step.doneAt !== undefined) return [];
    return [{ step, people: [], start: minuteOf(start), end: minuteOf(end) }];
  });
}
