import { type FoundThing, RESTED, runAfter } from '../../core/day/run';
import type { HouseholdScope } from '../db/scope';
import { findsOf } from '../repositories/day';
import { carryOut } from './carry-out';

/** What was found on the way and is not settled yet. */
export async function foundLeft(scope: HouseholdScope): Promise<readonly FoundThing[]> {
  return runAfter(RESTED, await findsOf(scope)).found;
}

/** Settles it, as a press on the day does; `id` tells a repeated request, `at` is the second on the wall clock. */
export async function settleFound(
  scope: HouseholdScope,
  { id, found }: { readonly id: string; readonly found: string },
  at: string,
): Promise<void> {
  await carryOut({ scope }, { sentAt: at, events: [{ id, at, act: { do: 'settle', found } }] }, () => at);
}
