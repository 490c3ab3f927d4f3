import type { Clean } from '../../core/clean/clean';
import type { HouseholdScope } from '../db/scope';
import { type Performed, perform } from '../household/perform';
import { changeIn } from './change';

/**
 * Says what the clean is for and by when. The first time a household sets out on it, which can't be taken back, since
 * plans and ticks hang on it; after that it is a change like any other.
 */
export function setOutOn(
  scope: HouseholdScope,
  id: string,
  cleanOf: (known: Clean | undefined) => Clean,
): Promise<Performed<null>> {
  return perform<null>(scope, {
    id,
    decide: async (ledger) => {
      const known = ledger.editable.clean;
      const clean = cleanOf(known);
      if (known) await changeIn(ledger, { do: 'put-clean', clean }, 'The aim changed');
      else await ledger.begin(clean);
      return null;
    },
  });
}
