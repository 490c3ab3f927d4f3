import type { Campaign } from '../../core/problem/campaign';
import { expandWork } from '../../core/problem/expand';
import { processWide } from '../process/process-wide';
import type { Kept } from './kept';

/** Until the household or the minute changes, the campaign is the same. */
const campaigns = processWide(
  'campaigns',
  () => new WeakMap<Kept, { readonly now: string; readonly campaign: Campaign | undefined }>(),
);

/** The clean of a household at a time, `YYYY-MM-DDTHH:mm`; undefined where it is about none. */
export function campaignAt(kept: Kept, now: string): Campaign | undefined {
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
