import { cache } from 'react';
import { CATALOGUE } from '../core/catalogue/catalogue';
import type { Campaign, Current } from '../core/clean/campaign';
import { expand } from '../core/clean/expand';
import { tasksOf } from '../core/clean/tasks';
import type { Household } from '../core/formats/household';
import { basisOf } from './basis';
import { nowIn } from './clock';
import { loadPlans } from './repositories/clean';
import { currentHousehold, requireScope } from './session';

/** The state that the pages show, put together once a request. */
export const current = cache(async (): Promise<Current> => {
  const household = await currentHousehold();
  const now = nowIn(household.timezone);
  const { clean } = household;
  const campaign = clean && (await campaignOf({ ...household, clean }, now));
  return { household, now, today: now.slice(0, 10), tasks: tasksOf(household.home, CATALOGUE), campaign };
});

async function campaignOf(household: Household, now: string): Promise<Campaign> {
  const plans = await loadPlans(await requireScope(), household.clean.id);
  const problem = expand(household, CATALOGUE, now);
  return {
    clean: household.clean,
    problem,
    plans,
    stale: plans !== undefined && plans.latest.basis !== basisOf(problem),
  };
}
