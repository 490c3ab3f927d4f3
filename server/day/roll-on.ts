import { CATALOGUE } from '../../core/catalogue/catalogue';
import { expand } from '../../core/clean/expand';
import { slippedSteps } from '../../core/day/day-view';
import { waysToRollOn } from '../../core/day/roll-on';
import { applyChange } from '../../core/household/change';
import type { HouseholdScope } from '../db/scope';
import { edit } from '../editing';
import { planAfter, type Replanned, replanWork } from '../planning';
import { loadPlans } from '../repositories/clean';
import { loadHousehold } from '../repositories/household';

/**
 * Gives what was missed on earlier days a new day by itself: reserve days first, else wherever the plan has room.
 * Undefined where nothing was missed. Done twice at the same time it counts once.
 */
export async function rollOn(scope: HouseholdScope, now: string): Promise<Replanned | undefined> {
  const { clean, ...rest } = await loadHousehold(scope);
  const plans = clean && (await loadPlans(scope, clean.id));
  if (!clean || !plans) return undefined;
  const { plan: before, version } = plans.latest;
  const household = { ...rest, clean };
  const today = now.slice(0, 10);
  const slipped = slippedSteps(expand(household, CATALOGUE, now), before, today);
  if (slipped.length === 0) return undefined;
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
