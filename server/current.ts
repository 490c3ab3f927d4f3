import { cache } from 'react';
import type { Campaign, Current } from '../core/clean/campaign';
import { expandWork } from '../core/clean/expand';
import { nowIn } from './clock';
import { type Kept, keptHousehold } from './kept';
import { requireScope } from './session';

/** The state that the pages show, put together once a request. */
export const current = cache(async (): Promise<Current> => {
  const kept = await keptHousehold(await requireScope());
  const now = nowIn(kept.household.timezone);
  return {
    household: kept.household,
    now,
    today: now.slice(0, 10),
    tasks: kept.tasks,
    order: kept.order,
    listed: kept.listed,
    edits: kept.edits,
    campaign: campaignAt(kept, now),
  };
});

/** Until the household or the minute changes, the campaign is the same. */
const campaigns = new WeakMap<Kept, { readonly now: string; readonly campaign: Campaign | undefined }>();

function campaignAt(kept: Kept, now: string): Campaign | undefined {
  const known = campaigns.get(kept);
  if (known?.now === now) return known.campaign;
  const campaign = campaignOf(kept, now);
  campaigns.set(kept, { now, campaign });
  return campaign;
}

function campaignOf({ household, order, plans, basis }: Kept, now: string): Campaign | undefined {
  const { clean } = household;
  if (!clean) return undefined;
  const problem = expandWork({ ...household, clean }, order, now);
  return { clean, problem, plans, stale: plans !== undefined && plans.latest.basis !== basis };
}
