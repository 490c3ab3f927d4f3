'use server';
import { z } from 'zod';
import { ROLES, type Role } from '@/core/household/roles';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { changePassphraseSchema, deleteHouseholdSchema } from '@/present/forms/schemas';
import { invite as makeInvitation, takeBackInvitation as withdraw } from '@/server/access/invitations';
import { askToGo, stay } from '@/server/access/leaving';
import { isEasilyGuessed, TOO_EASY } from '@/server/access/passphrase';
import { makeRecoveryCodes } from '@/server/access/recovery-codes';
import { waitWords } from '@/server/access/throttle';
import type { HouseholdScope } from '@/server/db/scope';
import { config } from '@/server/process/config';
import {
  emailOf,
  isPassphraseOf,
  type RoleChange,
  setPassphrase,
  changeRole as setRole,
} from '@/server/repositories/accounts';
import { type CurrentVisit, currentVisit, enterHousehold, note, sessions } from '@/server/session';
import { throttle } from '@/server/throttle';
import { act, guarded } from './act';

const NO_ACCOUNT = 'You are looking round the demo: there is no account to change.';

type Visit = CurrentVisit & { readonly account: string };

/** What somebody does to their own account; a visitor of the demo has none. */
async function onAccount<T>(run: (visit: Visit) => Promise<ActionResult<T>>): Promise<ActionResult<T>> {
  const visit = await currentVisit();
  return visit?.account ? run(visit as Visit) : refused(NO_ACCOUNT);
}

/** Ends one session of one’s own, wherever it is. */
export async function endSession(sent: unknown): Promise<ActionResult> {
  return act('endSession', z.strictObject({ id: z.string().length(64) }), sent, (_scope, { id }) =>
    onAccount(async ({ scope, account }) => {
      await sessions().endOne(scope, account, id);
      await note('ended-session');
      return accepted();
    }),
  );
}

/** Signs out everywhere else; says how many that were. */
export async function endOtherSessions(sent: unknown): Promise<ActionResult<number>> {
  return act('endOtherSessions', z.undefined(), sent, () =>
    onAccount(async ({ scope, account, id }) => {
      const ended = await sessions().endOthers(scope, account, id);
      await note('ended-others');
      return { ok: true, value: ended };
    }),
  );
}

/** Changes the passphrase by the old one; whoever was in by that is out, and this device has a new session. */
export async function changePassphrase(input: unknown): Promise<ActionResult> {
  return guarded(changePassphraseSchema, input, ({ old, passphrase }) =>
    onAccount(async ({ scope, account }) => {
      const email = (await emailOf(scope, account)) ?? '';
      const turn = await throttle().take('sign-in', email);
      if (!turn.isFree) return refused(waitWords(turn.waitSeconds));
      if (!(await isPassphraseOf(scope, account, old)))
        return refused('That is not the passphrase that you have.', 'old');
      await throttle().giveBack('sign-in', email);
      if (isEasilyGuessed(passphrase, [email])) return refused(TOO_EASY, 'passphrase');
      await setPassphrase(scope, account, passphrase);
      await note('changed-passphrase');
      await sessions().endOthers(scope, account);
      await enterHousehold(scope.household, account);
      return accepted();
    }),
  );
}

/** Asks for the household to go for good, by the passphrase; says when it will. */
export async function deleteHousehold(input: unknown): Promise<ActionResult> {
  return guarded(deleteHouseholdSchema, input, ({ old }) =>
    onAccount(async ({ scope, account }) => {
      if (!(await isPassphraseOf(scope, account, old)))
        return refused('That is not the passphrase that you have.', 'old');
      await askToGo(scope);
      await note('asked-to-go');
      return accepted();
    }),
  );
}

/** Thinks better of it. */
export async function keepHousehold(sent: unknown): Promise<ActionResult> {
  return act('keepHousehold', z.undefined(), sent, async (scope) => {
    await stay(scope);
    await note('stays');
    return accepted();
  });
}

/** New codes for the day on which the passphrase is forgotten; those from before open nothing any more. */
export async function makeCodes(sent: unknown): Promise<ActionResult<string[]>> {
  return act('makeCodes', z.undefined(), sent, () =>
    onAccount(async ({ scope, account }) => {
      const codes = await makeRecoveryCodes(scope, account, config().secret);
      await note('made-codes');
      return { ok: true, value: codes };
    }),
  );
}

const roleSchema = z.enum(ROLES);

/** A link by which one more person gets an account; it is shown once. */
export async function invite(sent: unknown): Promise<ActionResult<string>> {
  return act('invite', z.strictObject({ role: roleSchema }), sent, (scope, { role }) =>
    onAccount(async () => {
      const token = await makeInvitation(scope, role);
      if (!token) return refused('Twenty invitations are out. Take some of them back first.');
      await note('invited');
      return { ok: true, value: token };
    }),
  );
}

export async function takeBackInvitation(sent: unknown): Promise<ActionResult> {
  return act('takeBackInvitation', z.strictObject({ id: z.uuid() }), sent, async (scope, { id }) => {
    await withdraw(scope, id);
    return accepted();
  });
}

const whoseSchema = z.strictObject({ account: z.uuid() });

/** Makes somebody something else in the household: also how it is handed on. */
export async function changeRole(sent: unknown): Promise<ActionResult> {
  return act('changeRole', whoseSchema.extend({ role: roleSchema }), sent, (scope, { account, role }) =>
    become(scope, account, role, 'changed-role'),
  );
}

/** Takes somebody's account away; they are out at once. */
export async function dropAccount(sent: unknown): Promise<ActionResult> {
  return act('dropAccount', whoseSchema, sent, (scope, { account }) =>
    become(scope, account, 'gone', 'changed-role'),
  );
}

/** Leaves the household oneself; what one did there stays. */
export async function leaveHousehold(sent: unknown): Promise<ActionResult> {
  return act('leaveHousehold', z.undefined(), sent, (scope) =>
    onAccount(({ account }) => become(scope, account, 'gone', 'left')),
  );
}

const NOT_CHANGED: Readonly<Record<Exclude<RoleChange, 'changed'>, string>> = {
  'last-keeper':
    'Somebody has to keep house. Make another one keep it first, or delete the household. Nothing was changed.',
  gone: 'That account is no longer there. The page shows what is.',
};

async function become(
  scope: HouseholdScope,
  account: string,
  role: Role | 'gone',
  what: 'changed-role' | 'left',
): Promise<ActionResult> {
  await note(what);
  const made = await setRole(scope, account, role);
  if (made !== 'changed') return refused(NOT_CHANGED[made]);
  if (role === 'gone') await sessions().endOthers(scope, account);
  return accepted();
}
