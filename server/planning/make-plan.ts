import { randomUUID } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import type { KeptPlan } from '../../core/plan/kept-plan';
import type { MadePlan, Plan } from '../../core/plan/plan';
import type { Problem } from '../../core/plan/problem';
import { type ExpandedHousehold, expand, expandWork } from '../../core/problem/expand';
import { bestPlan } from '../../core/spread';
import type { PlanJob } from '../../workers/plan.worker';
import type { HouseholdScope } from '../db/scope';
import { sha256 } from '../household/basis';
import { type Kept, keptHousehold } from '../household/kept';
import type { PlanWish } from '../household/wish';
import { config } from '../process/config';
import { loadPlan, loadPlanOn } from '../repositories/clean';
import { type PlanSearch, searched } from './searches';
import { planInWorker } from './workers';

/** How long a plan is looked for at the most; whoever has waited enough ends it, and keeps the best. */
const SEARCH_SECONDS = 8;

/** A plan that is about to be kept. */
export type NewPlan = Omit<KeptPlan, 'version'> & { readonly id: string };

/**
 * The plan that a wish comes to, from `now` on; undefined where nothing has to be made: there is no clean, no plan yet
 * that could be made to fit, or the latest still does.
 */
export async function planWished(
  scope: HouseholdScope,
  kept: Kept,
  wish: PlanWish,
  now: string,
): Promise<NewPlan | undefined> {
  const { clean } = kept.household;
  const { basis } = kept;
  if (!clean || basis === undefined || clean.finish < now.slice(0, 10)) return undefined;
  const way = await wayTo(scope, kept, basis, wish);
  if (!way) return undefined;
  const problem = expandWork({ ...kept.household, clean }, kept.order, now);
  const plan = await searched(scope.household, (search) => solve(problem, way, search));
  return { id: randomUUID(), basis, madeAt: now, plan };
}

type Way = PlanJob extends infer Job
  ? Job extends unknown
    ? Omit<Job, 'problem' | 'problemHash'>
    : never
  : never;

async function wayTo(
  scope: HouseholdScope,
  { household, plans }: Kept,
  basis: string,
  wish: PlanWish,
): Promise<Way | undefined> {
  const cleanId = household.clean?.id as string;
  // Spreading the work again never makes it worse.
  if (wish.how === 'plan') return { ...search(), ...(plans && { before: plans.latest.plan }) };
  if (!plans) return undefined;
  const { latest } = plans;
  switch (wish.how) {
    case 'again':
      return { do: 'replan', before: latest.plan };
    case 'back': {
      const wanted = await loadPlan(scope, cleanId, wish.version);
      return wanted && { do: 'replan', before: wanted.plan };
    }
    case 'fit': {
      if (latest.basis === basis) return undefined;
      // A change was taken back: the plan that was made for just this comes back.
      const fitting = await loadPlanOn(scope, cleanId, basis);
      return { do: 'replan', before: (fitting ?? latest).plan };
    }
  }
}

/** By rounds where the same plan has to come out on every machine, else for as long as a person would wait. */
function search(): Way {
  const { seed, planRounds } = config();
  return planRounds === undefined
    ? { do: 'plan', seed, seconds: SEARCH_SECONDS }
    : { do: 'plan', seed, rounds: planRounds };
}

/** The best plan of those that are looked for side by side. */
async function solve(problem: Problem, way: Way, search?: PlanSearch): Promise<Plan> {
  const problemHash = sha256(JSON.stringify(problem));
  const plans = await Promise.all(
    sideBySide(way).map((one) => planInWorker({ ...one, problem, problemHash } as PlanJob, search)),
  );
  return bestPlan(problem, plans as [MadePlan, ...MadePlan[]]);
}

/** Where there are two cores and a plan is looked for by the clock, two searches run side by side. */
function sideBySide(way: Way): Way[] {
  return 'seconds' in way && availableParallelism() > 1 ? [way, { ...way, seed: way.seed + 1 }] : [way];
}

/** The plan that this household would have after a plan before it; nothing is kept. */
export async function planAfter(household: ExpandedHousehold, now: string, before: Plan): Promise<Plan> {
  return solve(expand(household, CATALOGUE, now), { do: 'replan', before });
}

/**
 * The problem from the start of today's work on and the plan in force, made to fit it; as texts, so that the one names
 * the other by its bytes. Undefined without a plan.
 */
export async function planDocuments(
  scope: HouseholdScope,
): Promise<{ readonly problem: string; readonly plan: string } | undefined> {
  const { household, order, plans } = await keptHousehold(scope);
  const { clean } = household;
  if (!clean || !plans) return undefined;
  // The same for both documents, whenever they are fetched.
  const { madeAt, plan: before } = plans.latest;
  const problem = `${JSON.stringify(expandWork({ ...household, clean }, order, madeAt), null, 2)}\n`;
  const job: PlanJob = { do: 'replan', before, problem: JSON.parse(problem), problemHash: sha256(problem) };
  return { problem, plan: `${JSON.stringify(await planInWorker(job), null, 2)}\n` };
}
