import { join } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import type { Forecast } from '../../core/forecast/forecast';
import type { MadePlan } from '../../core/plan/plan';
import type { ForecastJob, PlanJob } from '../../workers/plan.worker';
import { FairQueue, of } from '../process/fair-queue';
import { processWide } from '../process/process-wide';
import type { BestSoFar, PlanSearch } from './searches';

/**
 * Threads that plan. Searches of some seconds have two of their own, and so has what takes a moment: a tick is never planned
 * after somebody else's search. Who waits has their turn before anybody's next.
 */

const threads = (name: string, most: number) =>
  processWide(name, () => {
    const line = new FairQueue();
    const pool = new Piscina({
      filename: join(process.cwd(), '.build', 'plan-worker.mjs'),
      minThreads: 0,
      maxThreads: most,
      idleTimeout: 60_000,
      taskQueue: line,
      stricterFIFO: true,
    });
    return { line, pool };
  });

const searching = () => threads('search-threads', 2);
const quick = () => threads('plan-threads', 2);

/** A plan of somebody's made to fit what has changed, or a first one, in a thread of its own. */
export function planInWorker(who: string, job: PlanJob): Promise<MadePlan> {
  return quick().pool.run(of(who, job));
}

/** Searches for a plan in a thread of its own; who looks on hears of what is found meanwhile, and can end it. */
export async function searchInWorker(
  who: string,
  job: PlanJob,
  search: PlanSearch,
  lane: 0 | 1 = 0,
): Promise<MadePlan> {
  const { port1, port2 } = new MessageChannel();
  port1.on('message', (best: BestSoFar) => search.found(best));
  try {
    const watched = { ...job, watch: { flags: search.flags, lane, port: port2 } };
    return await searching().pool.run(of(who, watched), { transferList: [port2] });
  } finally {
    port1.close();
  }
}

/** How many others' searches come before somebody's; undefined where theirs does not wait. */
export function turnsBefore(who: string): number | undefined {
  return searching().line.turnsBefore(who);
}

/** When a plan of somebody's will end, worked out in a thread of its own. */
export function forecastInWorker(who: string, job: ForecastJob): Promise<Forecast> {
  return quick().pool.run(of(who, job));
}
