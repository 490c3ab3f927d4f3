'use server';
import { z } from 'zod';
import { idSchema } from '@/core/basics/scalars';
import { type ActionResult, refused } from '@/present/forms/result';
import { keptHousehold } from '@/server/household/kept';
import { makeFeed, revokeFeed } from '@/server/repositories/feeds';
import { act } from './act';

/** Whose sessions: one person’s, or everybody’s. */
const whoseSchema = z.strictObject({ person: idSchema.optional() });

/** Makes a private address for sessions; one made before for the same ends with it. */
export async function makeAddress(sent: unknown): Promise<ActionResult<string>> {
  return act('makeAddress', whoseSchema, sent, async (scope, { person }) => {
    const { household } = await keptHousehold(scope);
    if (person !== undefined && !household.people.some(({ id }) => id === person))
      return refused('That person is no longer of the household. No address was made.');
    return { ok: true, value: await makeFeed(scope, person) };
  });
}

export async function revokeAddress(sent: unknown): Promise<ActionResult<string>> {
  return act('revokeAddress', whoseSchema, sent, async (scope, { person }) => {
    await revokeFeed(scope, person);
    return { ok: true, value: 'The address leads nowhere any more.' };
  });
}
