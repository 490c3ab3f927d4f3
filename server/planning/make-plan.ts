import { randomUUID } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import type { KeptPlan } from '../../core/plan/kept-plan';
import type { MadePlan, Plan } from '../../core/plan/plan';
import type { Problem } from '../../core/plan/problem';
import { type ExpandedHousehold, expand, expandWork } from '../../core/problem/expand';
import { bestPlan } from '../../core/spread';
import type { PlanJob } from '../../workers/plan.worker';
import type { HouseholdId, HouseholdScope } from '../db/scope';
import { sha256 } from '../household/basis';
import { type Kept, keptHousehold } from '../household/kept';
import type { PlanWish } from '../household/wish';
import { config } from '../process/config';
import { loadPlan, loadPlanOn } from '../repositories/clean';
import { searched } from './searches';
import { planInWorker, searchInWorker } from './workers';

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
  const plan = await solve(scope.household, problem, way);
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

/** A plan that is made in a moment, or the best of those that are looked for. */
async function solve(household: HouseholdId, problem: Problem, way: Way): Promise<Plan> {
  const job = { ...way, problem, problemHash: sha256(JSON.stringify(problem)) } as PlanJob;
  if (job.do === 'replan') return planInWorker(household, job);
  const plans = await searched(household, (search, isAlone) =>
    Promise.all(
      sideBySide(job, isAlone).map((one, lane) => searchInWorker(household, one, search, lane as 0 | 1)),
    ),
  );
  return bestPlan(problem, plans as [MadePlan, ...MadePlan[]]);
}

/** Where there are two cores, nobody else searches, and a plan is looked for by the clock, two searches run side by side. */
function sideBySide(job: Extract<PlanJob, { do: 'plan' }>, isAlone: boolean): PlanJob[] {
  const isWide = 'seconds' in job && isAlone && availableParallelism() > 1;
  return isWide ? [job, { ...job, seed: job.seed + 1 }] : [job];
}

/** The plan that this household would have after a plan before it; nothing is kept. */
export async function planAfter(
  whose: HouseholdId,
  household: ExpandedHousehold,
  now: string,
  before: Plan,
): Promise<Plan> {
  return solve(whose, expand(household, CATALOGUE, now), { do: 'replan', before });
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
  return { problem, plan: `${JSON.stringify(await planInWorker(scope.household, job), null, 2)}\n` };
}
