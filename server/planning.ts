import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { Piscina } from 'piscina';
import { CATALOGUE } from '../core/catalogue/catalogue';
import { type ExpandedHousehold, expand } from '../core/clean/expand';
import type { Plan } from '../core/formats/plan';
import type { PlanJob } from '../workers/plan.worker';
import { basisOf, sha256 } from './basis';
import { config } from './config';
import type { HouseholdScope } from './db/scope';
import { addPlan } from './repositories/clean';

/** How long a person waits for a plan at the most. */
const SEARCH_SECONDS = 2;

let pool: Piscina | undefined;

function workers(): Piscina {
  pool ??= new Piscina({
    filename: join(process.cwd(), '.build', 'plan-worker.mjs'),
    minThreads: 1,
    maxThreads: 2,
    idleTimeout: 60_000,
  });
  return pool;
}

/** Spreads the open work of a household's clean from `now` on, and keeps the plan as a new version. */
export async function spreadWork(
  scope: HouseholdScope,
  household: ExpandedHousehold,
  now: string,
): Promise<Plan> {
  const problem = expand(household, CATALOGUE, now);
  const problemHash = sha256(JSON.stringify(problem));
  const job: PlanJob = { problem, problemHash, seed: config().seed, seconds: SEARCH_SECONDS };
  const plan: Plan = await workers().run(job);
  await addPlan(scope, household.clean.id, { id: randomUUID(), basis: basisOf(problem), madeAt: now, plan });
  return plan;
}
