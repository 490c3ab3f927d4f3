import { randomUUID } from 'node:crypto';
import type { HouseholdScope } from '../db/scope';
import type { Ledger } from '../household/ledger';
import { type Performed, perform } from '../household/perform';
import { secondIn } from '../process/clock';
import { loadEvent } from '../repositories/day';
import { type Entry, nextRedo, nextUndo } from '../repositories/edits';

/** Taking back and doing again, in the order in which things were done, whether at the desk or on a day. */

/** Takes the last change back; answers with what it was, or with null where there is none. */
export function undo(scope: HouseholdScope, id: string): Promise<Performed<string | null>> {
  return perform<string | null>(scope, {
    id,
    decide: async (ledger) => {
      const entry = await nextUndo(ledger.scope);
      if (!entry) return null;
      await takeBack(ledger, entry);
      return entry.words;
    },
  });
}

/** Does again what was taken back last. */
export function redo(scope: HouseholdScope, id: string): Promise<Performed<string | null>> {
  return perform<string | null>(scope, {
    id,
    decide: async (ledger) => {
      const entry = await nextRedo(ledger.scope);
      if (!entry) return null;
      await ledger.replay({ ...entry, event: await sayAgain(ledger, entry) }, false);
      wantFit(ledger);
      return entry.words;
    },
  });
}

/** Takes an entry back. What was said on a day and led to it is taken back on that day too, so that both agree. */
async function takeBack(ledger: Ledger, entry: Entry): Promise<void> {
  const said = entry.event === undefined ? undefined : await loadEvent(ledger.scope, entry.event);
  await takeBackEntry(ledger, entry);
  if (!said) return;
  const putBack = 'step' in said.act ? { putBack: said.act.step } : {};
  say(ledger, { do: 'take-back', said: said.id, ...putBack }, said.person);
}

/** The same where the day itself has said so. */
export async function takeBackEntry(ledger: Ledger, entry: Entry): Promise<void> {
  await ledger.replay(entry, true);
  wantFit(ledger);
}

/** What was said on a day is said once more; the id under which it is now. */
async function sayAgain(ledger: Ledger, { event }: Entry): Promise<string | undefined> {
  const said = event === undefined ? undefined : await loadEvent(ledger.scope, event);
  return said && say(ledger, said.act, said.person);
}

function say(
  ledger: Ledger,
  act: Parameters<Ledger['happened']>[0]['act'],
  person: string | undefined,
): string {
  const at = secondIn(ledger.kept.household.timezone);
  const event = { id: randomUUID(), at, act, ...(person !== undefined && { person }) };
  ledger.happened(event, { id: event.id, verdict: { as: 'kept' } });
  return event.id;
}

function wantFit(ledger: Ledger): void {
  if (ledger.kept.plans) ledger.want({ how: 'fit' });
}
