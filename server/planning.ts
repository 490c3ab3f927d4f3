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
import { addPlan, loadPlan, loadPlanOn, loadPlans } from './repositories/clean';
import { loadHousehold } from './repositories/household';

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
  const { seed } = config();
  const made = await planFor(household, now, { do: 'plan', seed, seconds: SEARCH_SECONDS });
  await keep(scope, household, now, made);
  return made;
}

/** A plan before and after something that it rests on has changed. */
export type Replanned = { readonly before: Plan; readonly after: Plan };

/**
 * Re-makes the latest plan after something that it rests on has changed, and keeps it as a new version: the plan that was
 * made for just this where there is one (a change was taken back), else the latest, with only that moved which has to.
 * Undefined where there is no plan, or it still holds.
 */
export async function replanWork(
  scope: HouseholdScope,
  now: string,
  /** Also where what it rests on is the same: something was missed, or has to be done again. */
  anyway = false,
): Promise<Replanned | undefined> {
  const { clean, ...rest } = await loadHousehold(scope);
  if (!clean) return undefined;
  const household = { ...rest, clean };
  const plans = await loadPlans(scope, clean.id);
  const basis = lastingBasis(household);
  if (!plans || (plans.latest.basis === basis && !anyway)) return undefined;
  const before = plans.latest.plan;
  const fitting = anyway ? undefined : await loadPlanOn(scope, clean.id, basis);
  const after = await planFor(household, now, { do: 'replan', before: fitting?.plan ?? before });
  await keep(scope, household, now, after);
  return { before, after };
}

/** Keeps an earlier plan anew, re-made as far as it has to be. Undefined where it is not kept any more. */
export async function restorePlan(
  scope: HouseholdScope,
  version: number,
  now: string,
): Promise<Replanned | undefined> {
  const { clean, ...rest } = await loadHousehold(scope);
  if (!clean) return undefined;
  const household = { ...rest, clean };
  const [plans, wanted] = await Promise.all([loadPlans(scope, clean.id), loadPlan(scope, clean.id, version)]);
  if (!plans || !wanted) return undefined;
  const after = await planFor(household, now, { do: 'replan', before: wanted.plan });
  await keep(scope, household, now, after);
  return { before: plans.latest.plan, after };
}

/**
 * The problem from the start of today's work on and the plan in force, made to fit it; as texts, so that the one names
 * the other by its bytes. Undefined without a plan.
 */
export async function planDocuments(
  scope: HouseholdScope,
): Promise<{ readonly problem: string; readonly plan: string } | undefined> {
  const { clean, ...rest } = await loadHousehold(scope);
  const plans = clean && (await loadPlans(scope, clean.id));
  if (!clean || !plans) return undefined;
  // The same for both documents, whenever they are fetched.
  const madeAt = plans.latest.madeAt;
  const problem = `${JSON.stringify(expand({ ...rest, clean }, CATALOGUE, madeAt), null, 2)}\n`;
  const job: PlanJob = {
    do: 'replan',
    before: plans.latest.plan,
    problem: JSON.parse(problem),
    problemHash: sha256(problem),
  };
  return { problem, plan: `${JSON.stringify(await workers().run(job), null, 2)}\n` };
}

/** The plan that this household would have after a plan before it; nothing is kept. */
export async function planAfter(household: ExpandedHousehold, now: string, before: Plan): Promise<Plan> {
  return planFor(household, now, { do: 'replan', before });
}

type Way = PlanJob extends infer Job
  ? Job extends unknown
    ? Omit<Job, 'problem' | 'problemHash'>
    : never
  : never;

async function planFor(household: ExpandedHousehold, now: string, way: Way): Promise<Plan> {
  const problem = expand(household, CATALOGUE, now);
  const job = { ...way, problem, problemHash: sha256(JSON.stringify(problem)) } as PlanJob;
  return workers().run(job);
}

async function keep(
  scope: HouseholdScope,
  household: ExpandedHousehold,
  now: string,
  plan: Plan,
): Promise<void> {
  const basis = lastingBasis(household);
  await addPlan(scope, household.clean.id, { id: randomUUID(), basis, madeAt: now, plan });
}

/** What a plan rests on, whatever the time is. */
function lastingBasis(household: ExpandedHousehold): string {
  return basisOf(expand(household, CATALOGUE, undefined));
}
