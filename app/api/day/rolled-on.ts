import { steeredWords } from '@/app/actions/steered-words';
import { rolledOnWish } from '@/server/commands/roll-on';
import type { HouseholdScope } from '@/server/db/scope';
import { keptHousehold } from '@/server/household/kept';
import { loadPlansAround } from '@/server/repositories/clean';

/** What was missed and has been given a new day on a date, in a sentence; undefined where nothing was. */
export async function rolledOn(scope: HouseholdScope, date: string): Promise<string | undefined> {
  const wish = await rolledOnWish(scope, date);
  const { clean } = (await keptHousehold(scope)).household;
  const made = wish !== undefined && clean && (await loadPlansAround(scope, clean.id, wish));
  return made ? (await steeredWords(scope, made)).words : undefined;
}
