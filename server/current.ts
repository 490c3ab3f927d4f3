import { cache } from 'react';
import type { Current } from '../core/problem/campaign';
import type { HouseholdScope } from './db/scope';
import { campaignAt } from './household/campaign';
import { keptHousehold } from './household/kept';
import { nowIn } from './process/clock';
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
