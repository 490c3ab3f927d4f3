import { type HouseholdChange, restsOn } from '../../core/household/change';
import type { Editable } from '../../core/household/editable';
import type { Refusal } from '../../core/household/refusals';
import type { HouseholdScope } from '../db/scope';
import type { Kept } from '../household/kept';
import type { Ledger } from '../household/ledger';
import { type Performed, perform } from '../household/perform';

/** Why nothing was changed. `Why` is what a command has to say of it beside that. */
export type Outcome<Value = undefined, Why = Refusal> =
  | { readonly ok: true; readonly value: Value }
  | { readonly ok: false; readonly why: Why };

/** What a person wants changed: known from the start, or worked out from the household as it is at that moment. */
export type Wanted<Value, Why> =
  | {
      readonly ok: true;
      readonly change: HouseholdChange;
      readonly words: string;
      readonly value: Value;
      /** The work is spread anew after it, from the plan that was in force before; else the plan is made to fit. */
      readonly anew?: true;
    }
  | { readonly ok: false; readonly why: Why };

/** Carries out one change, and wants the plan made to fit it where there is one. */
export async function changeIn(
  ledger: Ledger,
  change: HouseholdChange,
  words: string,
  more?: { readonly id: string; readonly event: string },
): Promise<Refusal | undefined> {
  const came = await ledger.change(change, words, more);
  if (came === 'done' && ledger.kept.plans && restsOn(change)) ledger.want({ how: 'fit' });
  return came === 'done' || came === 'same' ? undefined : came;
}

/** A change that a person makes by hand, and can take back. */
export function changeHousehold(
  scope: HouseholdScope,
  id: string,
  change: HouseholdChange,
  words: (before: Editable) => string,
): Promise<Performed<Outcome>> {
  return perform<Outcome>(scope, {
    id,
    unhurried: true,
    decide: async (ledger) => {
      const why = await changeIn(ledger, change, words(ledger.editable));
      return why === undefined ? { ok: true, value: undefined } : { ok: false, why };
    },
  });
}

/** The same for what follows from the household as it is: `decide` works the change out, or says why there is none. */
export function changeBy<Value, Why>(
  scope: HouseholdScope,
  id: string,
  decide: (kept: Kept) => Wanted<Value, Why> | Promise<Wanted<Value, Why>>,
): Promise<Performed<Outcome<Value, Why | Refusal>>> {
  return perform<Outcome<Value, Why | Refusal>>(scope, {
    id,
    decide: async (ledger) => {
      const wanted = await decide(ledger.kept);
      if (!wanted.ok) return wanted;
      const why = await changeIn(ledger, wanted.change, wanted.words);
      if (why !== undefined) return { ok: false, why };
      if (wanted.anew && ledger.kept.plans) ledger.want({ how: 'plan' });
      return { ok: true, value: wanted.value };
    },
  });
}
