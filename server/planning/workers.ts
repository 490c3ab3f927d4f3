import { join } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { Forecast } from '../../core/forecast/forecast';
import type { MadePlan } from '../../core/plan/plan';
import type { ForecastJob, PlanJob } from '../../workers/plan.worker';
import { processWide } from '../process/process-wide';
import type { BestSoFar, PlanSearch } from './searches';

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

/** Plans in a thread of its own; a search hears of what is found meanwhile, and can end it. */
export async function planInWorker(job: PlanJob, search?: PlanSearch): Promise<MadePlan> {
  if (!search) return pool().run(job);
  const { port1, port2 } = new MessageChannel();
  port1.on('message', (best: BestSoFar) => search.found(best));
  try {
    const watched = { ...job, watch: { flag: search.flag, port: port2 } };
    return await pool().run(watched, { transferList: [port2] });
  } finally {
    port1.close();
  }
}

/** When a plan will end, worked out in a thread of its own. */
export function forecastInWorker(job: ForecastJob): Promise<Forecast> {
  return pool().run(job);
}
