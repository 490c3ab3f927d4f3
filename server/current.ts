import { cache } from 'react';
import type { Current } from '../core/clean/campaign';
import { campaignAt } from './campaign';
import { nowIn } from './clock';
import type { HouseholdScope } from './db/scope';
import { keptHousehold } from './household/kept';
import { requireScope } from './session';

/** The state that the pages show, put together once a request. */
export const current = cache(async (): Promise<Current> => currentOf(await requireScope()));

/** The same for a household that is known otherwise. */
export async function currentOf(scope: HouseholdScope): Promise<Current> {
  const kept = await keptHousehold(scope);
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
}
