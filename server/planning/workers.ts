import { join } from 'node:path';
import { Piscina } from 'piscina';
import type { MadePlan } from '../../core/plan/plan';
import type { PlanJob } from '../../workers/plan.worker';
import { processWide } from '../process/process-wide';

const pool = () =>
  processWide(
    'plan-workers',
    () =>
      new Piscina({
        filename: join(process.cwd(), '.build', 'plan-worker.mjs'),
        minThreads: 1,
        maxThreads: 2,
        idleTimeout: 60_000,
      }),
  );

/** Plans in a thread of its own. */
export function planInWorker(job: PlanJob): Promise<MadePlan> {
  return pool().run(job);
}
