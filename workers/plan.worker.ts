import type { Plan } from '../core/formats/plan';
import type { Problem } from '../core/formats/problem';
import { plan } from '../core/spread/plan';

export type PlanJob = {
  readonly problem: Problem;
  readonly problemHash: string;
  readonly seed: number;
  readonly seconds: number;
};

/** Runs one planning job in a worker thread of the server. */
export default function run({ problem, problemHash, seed, seconds }: PlanJob): Plan {
  const end = performance.now() + seconds * 1000;
  return plan(problem, { problemHash, seed, stop: () => performance.now() >= end });
}
