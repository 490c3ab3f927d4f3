'use server';
import { type Member, memberSchema } from '@/core/formats/household';
import { loadPeople, putMember, removeMember } from '@/server/repositories/people';
import { type ActionResult, accepted, refused } from '@/ui/forms/result';
import { idOnlySchema, memberFormSchema } from '@/ui/forms/schemas';
import { act } from './act';

export async function saveMember(input: unknown): Promise<ActionResult> {
  return act(memberFormSchema, input, async (scope, form) => {
    const known = (await loadPeople(scope)).find((member) => member.id === form.id);
    const member: Member = {
      dislikes: known?.dislikes ?? {},
      exceptions: known?.exceptions ?? [],
      busy: known?.busy ?? [],
      ...form,
    };
    await putMember(scope, member);
    return accepted();
  });
}

/** Dates on which other hours hold for somebody. */
export async function saveExceptions(input: unknown): Promise<ActionResult> {
  return act(memberSchema.pick({ id: true, exceptions: true }), input, async (scope, { id, exceptions }) => {
    const member = (await loadPeople(scope)).find((known) => known.id === id);
    if (!member) return refused('That person is no longer in the household. Nothing was changed.');
    await putMember(scope, { ...member, exceptions });
    return accepted();
  });
}

export async function dropMember(input: unknown): Promise<ActionResult> {
  return act(idOnlySchema, input, async (scope, { id }) => {
    await removeMember(scope, id);
    return accepted();
  });
}
