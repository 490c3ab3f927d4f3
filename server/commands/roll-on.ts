import { slippedSteps } from '../../core/day/day-view';
import { type Missed, waysToRollOn } from '../../core/day/roll-on';
import { applyChange, type HouseholdChange } from '../../core/household/change';
import { leavesOutMore } from '../../core/plan/left-out';
import type { ExpandedHousehold } from '../../core/problem/expand';
import type { HouseholdId, HouseholdScope } from '../db/scope';
import { campaignAt } from '../household/campaign';
import { type Kept, keptHousehold } from '../household/kept';
import { perform } from '../household/perform';
import { planAfter } from '../planning/make-plan';

/**
 * Gives what was missed on earlier days a new day by itself: reserve days first, else wherever the plan has room. The
 * number of the wish for a plan; undefined where nothing was missed. For one plan on one day it happens once.
 */
export async function rollOn(scope: HouseholdScope, now: string): Promise<number | undefined> {
  const kept = await keptHousehold(scope);
  const missed = missedIn(kept, now);
  if (!missed) return undefined;
  // Trying the ways out takes a while: it is done before anybody has to wait for it.
  const change = await gentlest(scope.household, kept, missed, now);
  const { wish } = await perform<null>(scope, {
    id: rollOnId(missed.version, now),
    decide: async (ledger) => {
      if (missedIn(ledger.kept, now)?.version !== missed.version) return null;
      if (change) await ledger.change(change, 'What was missed went to a reserve day');
      ledger.want({ how: 'again' });
      return null;
    },
  });
  return wish;
}

function rollOnId(version: number, now: string): string {
  return `${rollOnOf(now.slice(0, 10))}${version}`;
}

function rollOnOf(date: string): string {
  return `roll-on ${date} `;
}

/** The wish for a plan with which what was missed was given a new day on a date. */
export async function rolledOnWish(scope: HouseholdScope, date: string): Promise<number | undefined> {
  const row: { answer: string } | undefined = await scope
    .rows('commands')
    .where('id', 'like', `${rollOnOf(date)}%`)
    .orderBy('at', 'desc')
    .first('answer');
  return row && (JSON.parse(row.answer) as { wish?: number }).wish;
}

type MissedIn = Missed & { readonly version: number };

function missedIn(kept: Kept, now: string): MissedIn | undefined {
  const campaign = campaignAt(kept, now);
  if (!campaign?.plans || campaign.clean.finish < now.slice(0, 10)) return undefined;
  const { plan, version } = campaign.plans.latest;
  const slipped = slippedSteps(campaign.problem, plan, now.slice(0, 10));
  return slipped.length > 0 ? { slipped, problem: campaign.problem, version } : undefined;
}

/** The household as a change leaves it; undefined where it can't be made. */
function after(household: ExpandedHousehold, change: HouseholdChange): ExpandedHousehold | undefined {
  const changed = applyChange(household, change);
  return changed.ok && changed.value.clean
    ? { ...household, ...changed.value, clean: changed.value.clean }
    : undefined;
}

/** The gentlest way that leaves nothing out; what can't be helped by any of them is at least helped by the last. */
async function gentlest(
  whose: HouseholdId,
  kept: Kept,
  missed: Missed,
  now: string,
): Promise<HouseholdChange | undefined> {
  const { household, plans } = kept;
  const { clean } = household;
  if (!clean || !plans) return undefined;
  const before = plans.latest.plan;
  const ways = waysToRollOn(clean, missed, now.slice(0, 10));
  for (const change of ways) {
    if (change && change === ways.at(-1)) return change;
    const tried = change ? after({ ...household, clean }, change) : { ...household, clean };
    if (tried && !leavesOutMore(await planAfter(whose, tried, now, before), before)) return change;
  }
  return undefined;
}
