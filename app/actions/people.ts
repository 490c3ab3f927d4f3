'use server';
import { randomUUID } from 'node:crypto';
import { type Member, memberSchema } from '@/core/formats/household';
import type { HouseholdChange } from '@/core/household/change';
import type { HouseholdScope } from '@/server/db/scope';
import { edit } from '@/server/editing';
import { loadPeople } from '@/server/repositories/people';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { idOnlySchema, memberFormSchema } from '@/ui/forms/schemas';
import { changeWords, REFUSAL_WORDS } from '@/ui/walk/change-words';
import { act } from './act';

export async function saveMember(input: unknown): Promise<ActionResult> {
  return act(memberFormSchema, input, async (scope, form) => {
    const known = (await loadPeople(scope)).find((member) => member.id === form.id);
    const member: Member = { exceptions: known?.exceptions ?? [], busy: known?.busy ?? [], ...form };
    return changed(scope, { do: 'put-member', member });
  });
}

/** Dates on which other hours hold for somebody. */
export async function saveExceptions(input: unknown): Promise<ActionResult> {
  return act(memberSchema.pick({ id: true, exceptions: true }), input, async (scope, { id, exceptions }) => {
    const member = (await loadPeople(scope)).find((known) => known.id === id);
    if (!member) return refused('That person is no longer in the household. Nothing was changed.');
    return changed(scope, { do: 'put-member', member: { ...member, exceptions } });
  });
}

export async function dropMember(input: unknown): Promise<ActionResult> {
  return act(idOnlySchema, input, async (scope, { id }) => changed(scope, { do: 'drop-member', id }));
}

async function changed(scope: HouseholdScope, change: HouseholdChange): Promise<ActionResult> {
  const kept = await edit(scope, randomUUID(), change, (before) => changeWords(change, before));
  return kept.ok ? accepted() : refused(REFUSAL_WORDS[kept.why]);
}
