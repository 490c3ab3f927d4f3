'use server';
import { changeWords, type HouseholdChange } from '@/core/household/change';
import { REFUSALS } from '@/core/household/refusals';
import { type Member, memberSchema } from '@/core/people/member';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { idOnlySchema, memberFormSchema } from '@/present/forms/schemas';
import { changeBy } from '@/server/commands/change';
import type { HouseholdScope } from '@/server/db/scope';
import { forgetBusyAddress } from '@/server/repositories/busy-addresses';
import { act } from './act';

export async function saveMember(sent: unknown): Promise<ActionResult> {
  return act('saveMember', memberFormSchema, sent, async (scope, form, id) =>
    changed(scope, id, (people) => {
      const known = people.find((member) => member.id === form.id);
      const member: Member = { exceptions: known?.exceptions ?? [], busy: known?.busy ?? [], ...form };
      return { do: 'put-member', member };
    }),
  );
}

/** Dates on which other hours hold for somebody. */
export async function saveExceptions(sent: unknown): Promise<ActionResult> {
  return act(
    'saveExceptions',
    memberSchema.pick({ id: true, exceptions: true }),
    sent,
    async (scope, wish, id) =>
      changed(scope, id, (people) => {
        const member = people.find((known) => known.id === wish.id);
        return member && { do: 'put-member', member: { ...member, exceptions: wish.exceptions } };
      }),
  );
}

export async function dropMember(sent: unknown): Promise<ActionResult> {
  return act('dropMember', idOnlySchema, sent, async (scope, wish, id) => {
    const result = await changed(scope, id, () => ({ do: 'drop-member', id: wish.id }));
    if (result.ok) await forgetBusyAddress(scope, wish.id);
    return result;
  });
}

async function changed(
  scope: HouseholdScope,
  id: string,
  changeOf: (people: readonly Member[]) => HouseholdChange | undefined,
): Promise<ActionResult> {
  const { answer } = await changeBy<null, 'gone'>(scope, id, ({ household }) => {
    const change = changeOf(household.people);
    return change
      ? { ok: true, change, words: changeWords(change, household), value: null }
      : { ok: false, why: 'gone' };
  });
  return answer.ok ? accepted() : refused(REFUSALS[answer.why]);
}
