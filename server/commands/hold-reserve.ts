import type { Clean } from '../../core/clean/clean';
import { chanceBy, habitsOf } from '../../core/forecast/habits';
import { leavesOutMore } from '../../core/plan/left-out';
import type { Plan, UnplacedReason } from '../../core/plan/plan';
import type { Problem } from '../../core/plan/problem';
import { expandWork } from '../../core/problem/expand';
import { lastWorkingDays } from '../../core/what-if/change-of';
import type { HouseholdId, HouseholdScope } from '../db/scope';
import { type Kept, keptHousehold } from '../household/kept';
import { perform } from '../household/perform';
import { planAfter } from '../planning/make-plan';
import { forecastInWorker } from '../planning/workers';

/** Four in five is what a plan should come to by itself. */
const WANTED = 0.8;
/** More of the last working days than this are never held. */
const MOST_DAYS = 3;
/** A day that makes it surer by less is better worked on. */
const WORTH_A_DAY = 0.05;
const RUNS = 200;
/** Where something has no place for want of time, there is none to keep free. */
const FOR_TIME: readonly UnplacedReason[] = ['no-time', 'deadline'];

/**
 * The first plan of a clean leaves time for what slips by itself, where there is time: as many of the last working days as
 * make it four in five to be done by the finish line, as long as nothing more has to be left out for it. It is said on the
 * plan, and let go by a press. The number of the wish for the plan; undefined where nothing is held.
 */
export async function holdReserve(
  scope: HouseholdScope,
  id: string,
  now: string,
): Promise<number | undefined> {
  const kept = await keptHousehold(scope);
  const days = await daysWorthHolding(scope.household, kept, now);
  if (days.length === 0) return undefined;
  const { wish } = await perform<null>(scope, {
    id: `${id} reserve`,
    decide: async (ledger) => {
      const { clean } = ledger.editable;
      if (!clean || clean.reserve.length > 0 || ledger.kept.plans?.latest.version !== 1) return null;
      const words = days.length === 1 ? 'A day kept free for what slips' : 'Days kept free for what slips';
      await ledger.change({ do: 'put-clean', clean: { ...clean, reserve: [...days] } }, words);
      ledger.want({ how: 'fit' });
      return null;
    },
  });
  return wish;
}

async function daysWorthHolding(
  whose: HouseholdId,
  { household, order, plans }: Kept,
  now: string,
): Promise<readonly string[]> {
  const { clean } = household;
  if (!clean || plans?.latest.version !== 1 || clean.reserve.length > 0 || clean.start === clean.finish)
    return [];
  const first = plans.latest.plan;
  if (first.unplaced.some(({ reason }) => FOR_TIME.includes(reason))) return [];
  const habits = habitsOf(first, new Set(), {
    today: now.slice(0, 10),
    wetDays: household.home.facts.wetDays,
  });
  const chanceOf = async (plan: Plan, reserved: Clean) => {
    const problem: Problem = expandWork({ ...household, clean: reserved }, order, now);
    return chanceBy(await forecastInWorker(whose, { problem, plan, runs: RUNS, habits }), clean.finish);
  };
  let best: { readonly days: readonly string[]; readonly chance: number } = {
    days: [],
    chance: await chanceOf(first, clean),
  };
  for (let count = 1; count <= MOST_DAYS && best.chance < WANTED; count++) {
    const days = lastWorkingDays(count, { people: household.people, clean });
    if (days.length < count) break;
    const reserved = { ...clean, reserve: days };
    const plan = await planAfter(whose, { ...household, clean: reserved }, now, first);
    if (leavesOutMore(plan, first)) break;
    const chance = await chanceOf(plan, reserved);
    if (chance >= best.chance + WORTH_A_DAY * (count - best.days.length)) best = { days, chance };
  }
  return best.days;
}
