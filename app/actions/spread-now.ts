import { type ActionResult, refused } from '@/present/forms/result';
import { waitWords } from '@/server/access/throttle';
import { holdReserve } from '@/server/commands/hold-reserve';
import { type NoSpread, spreadWork } from '@/server/commands/plan';
import type { HouseholdScope } from '@/server/db/scope';
import { keptHousehold } from '@/server/household/kept';
import { planned } from '@/server/planning/planner';
import { nowIn } from '@/server/process/clock';
import { throttle } from '@/server/throttle';

const NO_SPREAD: Readonly<Record<NoSpread, string>> = {
  'no-aim': 'Say first by when the house is to be clean: that is on the page Aim.',
  'no-room': 'There is no room yet. Walk one first, then spread its work.',
  'no-hours': 'Nobody has any hours yet. Say on the page People who has time and when.',
  over: 'The finish date has passed. Choose a later one on the page Aim.',
};

/** Spreads the work, and waits until that is done. */
export async function spreadNow(
  scope: HouseholdScope,
  id: string,
): Promise<ActionResult<{ unplaced: number }>> {
  const turn = await throttle().take('spread', scope.household);
  if (!turn.isFree) return refused(waitWords(turn.waitSeconds));
  const { answer, wish } = await spreadWork(scope, id);
  if (answer !== null) return refused(NO_SPREAD[answer]);
  if (wish !== undefined) await planned(scope, wish);
  const { timezone } = (await keptHousehold(scope)).household;
  return afterSpread(scope, await holdReserve(scope, id, nowIn(timezone)));
}

/** Waits for a plan that is wished for, and says how much has no place in it. */
export async function afterSpread(
  scope: HouseholdScope,
  wish: number | undefined,
): Promise<ActionResult<{ unplaced: number }>> {
  if (wish !== undefined) await planned(scope, wish);
  const { plans } = await keptHousehold(scope);
  return { ok: true, value: { unplaced: plans?.latest.plan.unplaced.length ?? 0 } };
}
