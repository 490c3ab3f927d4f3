import type { HouseholdScope } from '../db/scope';
import type { Kept } from '../household/kept';
import { type Performed, perform } from '../household/perform';
import { nowIn } from '../process/clock';
import { loadPlan } from '../repositories/clean';

/** Why work can't be spread. */
export type NoSpread = 'no-aim' | 'no-room' | 'no-hours' | 'over';

/** Wishes for the open work to be spread anew; answers with what stands in the way, or with null. */
export function spreadWork(
  scope: HouseholdScope,
  id: string,
  clock = nowIn,
): Promise<Performed<NoSpread | null>> {
  return perform<NoSpread | null>(scope, {
    id,
    decide: async (ledger) => {
      const { household } = ledger.kept;
      const why = noSpread(household, clock(household.timezone).slice(0, 10));
      if (why === null) ledger.want({ how: 'plan' });
      return why;
    },
  });
}

function noSpread({ clean, home, people }: Kept['household'], today: string): NoSpread | null {
  if (!clean) return 'no-aim';
  if (home.floors.every((floor) => floor.rooms.length === 0)) return 'no-room';
  if (people.every((person) => person.hours.length === 0)) return 'no-hours';
  return clean.finish < today ? 'over' : null;
}

/** Wishes for an earlier plan to be in force again; false where it is not kept any more. */
export function goBackTo(scope: HouseholdScope, id: string, version: number): Promise<Performed<boolean>> {
  return perform<boolean>(scope, {
    id,
    decide: async (ledger) => {
      const { clean } = ledger.kept.household;
      const isKept = clean !== undefined && (await loadPlan(ledger.scope, clean.id, version)) !== undefined;
      if (isKept) ledger.want({ how: 'back', version });
      return isKept;
    },
  });
}
