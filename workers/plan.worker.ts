import type { Plan } from '../core/formats/plan';
import type { Problem } from '../core/formats/problem';
import { plan } from '../core/spread/plan';
import { replan } from '../core/spread/replan';

type Subject = { readonly problem: Problem; readonly problemHash: string };

export type PlanJob = Subject &
  (
    | { readonly do: 'plan'; readonly seed: number; readonly seconds: number }
    /** Made from an earlier plan, leaving alone what need not move. */
    | { readonly do: 'replan'; readonly before: Plan }
  );

/** Runs one planning job in a worker thread of the server. */
export default function run(job: PlanJob): Plan {
  const { problem, problemHash } = job;
  if (job.do === 'replan') return replan(problem, job.before, problemHash);
  const end = performance.now() + job.seconds * 1000;
  return plan(problem, { problemHash, seed: job.seed, stop: () => performance.now() >= end });
}
