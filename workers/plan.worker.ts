import type { MessagePort } from 'node:worker_threads';
import { type Forecast, forecast } from '../core/forecast/forecast';
import type { Habits } from '../core/forecast/fortune';
import type { MadePlan, Plan } from '../core/plan/plan';
import type { Problem } from '../core/plan/problem';
import { type PlanOptions, plan, replan } from '../core/spread';
import { giveWay } from './give-way';

giveWay();

type Subject = { readonly problem: Problem; readonly problemHash: string };

/** For how long a better plan is looked for: seconds of this machine, or rounds, which are the same on every one. */
type Search = { readonly seconds: number } | { readonly rounds: number };

export type PlanJob = Subject &
  /** Anew, or no worse than a plan in force. */
  (
    | ({ readonly do: 'plan'; readonly seed: number; readonly before?: Plan } & Search)
    /** Made from an earlier plan, leaving alone what need not move. */
    | { readonly do: 'replan'; readonly before: Plan }
  );

/** Who looks on: told of the best so far, `{ cost, leftOut }`, and sets the flag of this lane to anything but 0 to end the search. */
type Watched = {
  readonly watch?: { readonly flags: Int32Array; readonly lane: number; readonly port: MessagePort };
};

/** A plan is carried out many times over, to see when it will end. */
export type ForecastJob = {
  readonly problem: Problem;
  readonly plan: Plan;
  readonly runs: number;
  readonly habits: Habits;
};

/** Runs one job in a worker thread of the server. */
export default function run(job: PlanJob & Watched): MadePlan;
export default function run(job: ForecastJob): Forecast;
export default function run(job: (PlanJob & Watched) | ForecastJob): MadePlan | Forecast {
  return 'do' in job ? planned(job) : forecast(job.problem, job.plan, { ...job, ofWhatHasAPlace: true });
}

function planned(job: PlanJob & Watched): MadePlan {
  const { problem, problemHash, watch } = job;
  if (job.do === 'replan') return replan(problem, job.before, problemHash);
  const end = 'seconds' in job ? performance.now() + job.seconds * 1000 : Number.POSITIVE_INFINITY;
  const isStopped = () => watch !== undefined && Atomics.load(watch.flags, watch.lane) !== 0;
  const options: PlanOptions = {
    problemHash,
    seed: job.seed,
    ...(job.before && { before: job.before }),
    stop: () => performance.now() >= end || isStopped(),
    ...('rounds' in job && { rounds: job.rounds }),
    ...(watch && { report: ({ cost, leftOut }) => watch.port.postMessage({ cost, leftOut }) }),
  };
  const made = plan(problem, options);
  watch?.port.close();
  return made;
}
