import { slippedSteps } from '../../core/day/day-view';
import { waysToRollOn } from '../../core/day/roll-on';
import { applyChange } from '../../core/household/change';
import { campaignAt } from '../campaign';
import type { HouseholdScope } from '../db/scope';
import { edit } from '../editing';
import { keptHousehold } from '../kept';
import { planAfter, type Replanned, replanWork } from '../planning';

/**
 * Gives what was missed on earlier days a new day by itself: reserve days first, else wherever the plan has room.
 * Undefined where nothing was missed. Done twice at the same time it counts once.
 */
export async function rollOn(scope: HouseholdScope, now: string): Promise<Replanned | undefined> {
  const kept = await keptHousehold(scope);
  const campaign = campaignAt(kept, now);
  if (!campaign?.plans) return undefined;
  const { clean, problem } = campaign;
  const { plan: before, version } = campaign.plans.latest;
  const today = now.slice(0, 10);
  const slipped = slippedSteps(problem, before, today);
  if (slipped.length === 0) return undefined;
  const household = { ...kept.household, clean };
  const ways = waysToRollOn(clean, slipped, today);
  for (const change of ways) {
    const changed = applyChange(household, change);
    if (!changed.ok || !changed.value.clean) continue;
    const tried = { ...household, ...changed.value, clean: changed.value.clean };
    const made = await planAfter(tried, now, before);
    // What can't be helped by any of them is at least helped by the last.
    if (made.unplaced.length > before.unplaced.length && change !== ways.at(-1)) continue;
    await edit(scope, `roll-on-${version}`, change, () => 'What was missed went to a reserve day');
    break;
  }
  const made = await replanWork(scope, now, true);
  if (made) await scope.countChange();
  return made;
}
