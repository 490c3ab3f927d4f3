import type { HouseholdFile } from '../../core/household/household';
import type { HouseholdScope } from '../db/scope';
import { type Performed, perform } from '../household/perform';
import { replaceHousehold } from '../repositories/household';

/** Puts the household of a file in the place of the one that is there, which is kept to be brought back. */
export function takeInHousehold(
  scope: HouseholdScope,
  id: string,
  household: HouseholdFile,
): Promise<Performed<true>> {
  return perform<true>(scope, {
    id,
    decide: async (ledger) => {
      ledger.days(await replaceHousehold(ledger.scope, household, ledger.seq));
      ledger.rewritten();
      if (household.plans.length > 0) ledger.want({ how: 'fit' });
      return true;
    },
  });
}
