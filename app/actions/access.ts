'use server';
import { redirect } from 'next/navigation';
import { z } from 'zod';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { signInSchema, signUpSchema } from '@/present/forms/schemas';
import { database } from '@/server/database';
import { createAccount, findHousehold } from '@/server/repositories/accounts';
import { enterHousehold, isSameOrigin, leaveHousehold } from '@/server/session';
import { visitDemo } from '@/server/visit-demo';
import { guarded } from './act';

export async function signUp(input: unknown): Promise<ActionResult> {
  return guarded(signUpSchema, input, async (value) => {
    const result = await createAccount(database(), value);
    if (!result.ok)
      return refused(
        'There is an account with this email already. Sign in instead, or use another email.',
        'email',
      );
    await enterHousehold(result.household);
    return accepted();
  });
}

export async function signIn(input: unknown): Promise<ActionResult> {
  return guarded(signInSchema, input, async ({ email, passphrase }) => {
    const household = await findHousehold(database(), email, passphrase);
    if (!household)
      return refused(
        'This email and passphrase do not belong together. Look for a slip of the finger in either.',
      );
    await enterHousehold(household);
    return accepted();
  });
}

export async function lookRound(): Promise<ActionResult> {
  return guarded(z.undefined(), undefined, async () => {
    const demo = await visitDemo(database());
    if (!demo) return refused('There is no demo household in this database.');
    await enterHousehold(demo);
    return accepted();
  });
}

export async function signOut(): Promise<void> {
  if (await isSameOrigin()) await leaveHousehold();
  redirect('/');
}
