import type { MadePlan, Plan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { plan } from '../core/spread/plan';
import { replan } from '../core/spread/replan';

type Subject = { readonly problem: Problem; readonly problemHash: string };

/** For how long a better plan is looked for: seconds of this machine, or rounds, which are the same on every one. */
type Search = { readonly seconds: number } | { readonly rounds: number };

export type PlanJob = Subject &
  (
    | ({ readonly do: 'plan'; readonly seed: number } & Search)
    /** Made from an earlier plan, leaving alone what need not move. */
    | { readonly do: 'replan'; readonly before: Plan }
  );

/** Runs one planning job in a worker thread of the server. */
export default function run(job: PlanJob): MadePlan {
  const { problem, problemHash } = job;
  if (job.do === 'replan') return replan(problem, job.before, problemHash);
  if ('rounds' in job)
    return plan(problem, { problemHash, seed: job.seed, rounds: job.rounds, stop: () => false });
  const end = performance.now() + job.seconds * 1000;
  return plan(problem, { problemHash, seed: job.seed, stop: () => performance.now() >= end });
}
