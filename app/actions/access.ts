'use server';
import { redirect } from 'next/navigation';
import { after } from 'next/server';
import { z } from 'zod';
import type { Happening } from '@/core/household/happenings';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { joinSchema, letterSchema, recoverSchema, signInSchema, signUpSchema } from '@/present/forms/schemas';
import { invitationAt, spendInvitation } from '@/server/access/invitations';
import { writeDown } from '@/server/access/log';
import { isEasilyGuessed, TOO_EASY } from '@/server/access/passphrase';
import { makeRecoveryCodes, takeRecoveryCode } from '@/server/access/recovery-codes';
import { type ThrottleName, waitWords } from '@/server/access/throttle';
import { sendWayBack } from '@/server/commands/way-back';
import { database } from '@/server/database';
import { HouseholdScope } from '@/server/db/scope';
import { config } from '@/server/process/config';
import { log } from '@/server/process/log';
import {
  type Account,
  accountsOf,
  createAccount,
  findAccount,
  joinHousehold,
  normalEmail,
  setPassphrase,
} from '@/server/repositories/accounts';
import {
  currentDevice,
  enterHousehold,
  isSameOrigin,
  leaveHousehold,
  note,
  sessions,
} from '@/server/session';
import { throttle } from '@/server/throttle';
import { visitDemo } from '@/server/visit-demo';
import { visitorAddress } from '@/server/visitor';
import { guarded } from './act';

const NOT_TOGETHER =
  'This email and passphrase do not belong together. Look for a slip of the finger in either.';
const NO_CODE = 'This email and code do not belong together, or the code was used before.';
const NO_INVITATION =
  'This invitation was used already, taken back, or is older than a week. Ask for another one.';
const NO_MORE = 'That did not work. Please try another email, or sign in with what you have.';

/** Makes a household, and hands out the codes that lead back into it; whoever has read them signs in. */
export async function signUp(input: unknown): Promise<ActionResult<string[]>> {
  return guarded(signUpSchema, input, async (value) => {
    const wait = await waitFor(['sign-up-from', await visitorAddress()]);
    if (wait) return refused(wait);
    if (isEasilyGuessed(value.passphrase, [value.email, value.householdName]))
      return refused(TOO_EASY, 'passphrase');
    const result = await createAccount(database(), value);
    if (!result.ok) return refused(NO_MORE);
    const { account, isNew } = result;
    if (isNew) await noteOf(account, 'signed-up');
    return {
      ok: true,
      value: isNew ? await makeRecoveryCodes(scopeOf(account), account.id, config().secret) : [],
    };
  });
}

export async function signIn(input: unknown): Promise<ActionResult> {
  return guarded(signInSchema, input, async ({ email, passphrase }) => {
    const turns = await knocks(email);
    const wait = await waitFor(...turns);
    if (wait) return refused(wait);
    const account = await findAccount(database(), email, passphrase);
    if (!account) return refused(NOT_TOGETHER);
    await giveBack(...turns);
    await enter(account, 'signed-in');
    return accepted();
  });
}

/** Back in with a code from paper, which is used up by it; whoever was in by the old passphrase is out. */
export async function recover(input: unknown): Promise<ActionResult> {
  return guarded(recoverSchema, input, async ({ email, code, passphrase }) => {
    const turns = await knocks(email);
    const wait = await waitFor(...turns);
    if (wait) return refused(wait);
    if (isEasilyGuessed(passphrase, [email])) return refused(TOO_EASY, 'passphrase');
    for (const account of await accountsOf(database(), email)) {
      const scope = scopeOf(account);
      if (!(await takeRecoveryCode(scope, account.id, code, config().secret))) continue;
      await setPassphrase(scope, account.id, passphrase);
      await sessions().endOthers(scope, account.id);
      await giveBack(...turns);
      await enter(account, 'used-code');
      return accepted();
    }
    return refused(NO_CODE);
  });
}

/** A letter with a way back in, to whoever has an account. It is looked for after the answer, which tells nothing. */
export async function askForLetter(input: unknown): Promise<ActionResult> {
  return guarded(letterSchema, input, async ({ email }) => {
    const wait = await waitFor(['letter-from', await visitorAddress()], ['letter', normalEmail(email)]);
    if (wait) return refused(wait);
    after(() =>
      sendWayBack(database(), email, config()).catch((error: unknown) =>
        log.error(
          { err: { type: error instanceof Error ? error.name : 'unknown' } },
          'a letter was not taken',
        ),
      ),
    );
    return accepted();
  });
}

/** An account in the household of an invitation, which is used up by it. */
export async function join(token: unknown, input: unknown): Promise<ActionResult<string[]>> {
  return guarded(joinSchema, input, async ({ email, passphrase }) => {
    const wait = await waitFor(['sign-up-from', await visitorAddress()]);
    if (wait) return refused(wait);
    const invited = typeof token === 'string' ? await invitationAt(database(), token) : undefined;
    if (!invited) return refused(NO_INVITATION);
    if (isEasilyGuessed(passphrase, [email, invited.household])) return refused(TOO_EASY, 'passphrase');
    if (!(await spendInvitation(invited.scope, token as string))) return refused(NO_INVITATION);
    const account = await joinHousehold(invited.scope, database(), {
      email,
      passphrase,
      role: invited.role,
    });
    if (!account) return refused(NO_MORE);
    await noteOf(account, 'joined');
    return { ok: true, value: await makeRecoveryCodes(invited.scope, account.id, config().secret) };
  });
}

export async function lookRound(): Promise<ActionResult> {
  return guarded(z.undefined(), undefined, async () => {
    const wait = await waitFor(['demo-from', await visitorAddress()]);
    if (wait) return refused(wait);
    const demo = await visitDemo(database());
    if (!demo) return refused('There is no demo household in this database.');
    await enterHousehold(demo);
    return accepted();
  });
}

export async function signOut(): Promise<void> {
  if (await isSameOrigin()) {
    await note('signed-out');
    await leaveHousehold();
  }
  redirect('/');
}

const scopeOf = (account: Account) => new HouseholdScope(database(), account.household);

async function enter(account: Account, what: 'signed-in' | 'used-code'): Promise<void> {
  await enterHousehold(account.household, account.id);
  await noteOf(account, what);
}

async function noteOf(account: Account, what: Happening): Promise<void> {
  await writeDown(scopeOf(account), { what, account: account.id, device: await currentDevice() });
}

type Knock = readonly [name: ThrottleName, whose: string];

/** A try at the door counts for the email that it is about, and for where it comes from. */
async function knocks(email: string): Promise<Knock[]> {
  return [
    ['sign-in', normalEmail(email)],
    ['sign-in-from', await visitorAddress()],
  ];
}

/** The sentence for whoever has to wait; undefined where nobody has. */
async function waitFor(...turns: readonly Knock[]): Promise<string | undefined> {
  for (const [name, whose] of turns) {
    const turn = await throttle().take(name, whose);
    if (!turn.isFree) return waitWords(turn.waitSeconds);
  }
  return undefined;
}

/** Whoever has the right words has guessed nothing. */
async function giveBack(...turns: readonly Knock[]): Promise<void> {
  for (const [name, whose] of turns) await throttle().giveBack(name, whose);
}
