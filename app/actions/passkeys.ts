'use server';
import type {
  AuthenticationResponseJSON,
  PublicKeyCredentialCreationOptionsJSON,
  PublicKeyCredentialRequestOptionsJSON,
  RegistrationResponseJSON,
} from '@simplewebauthn/server';
import { z } from 'zod';
import { type ActionResult, accepted, refused } from '@/present/forms/result';
import { writeDown } from '@/server/access/log';
import {
  addPasskey as add,
  dropPasskey as drop,
  holderOf,
  questionToAdd,
  questionToEnter,
  type Site,
  siteAt,
} from '@/server/access/passkeys';
import { waitWords } from '@/server/access/throttle';
import { database } from '@/server/database';
import { HouseholdScope } from '@/server/db/scope';
import { emailOf } from '@/server/repositories/accounts';
import { currentDevice, currentVisit, enterHousehold, note } from '@/server/session';
import { throttle } from '@/server/throttle';
import { visitorAddress, visitorOrigin } from '@/server/visitor';
import { act, ask, guarded } from './act';

const NO_SITE =
  'Passkeys need an address with a name and https; this one has not. The passphrase works everywhere.';
const NOT_FITTING = 'That passkey does not fit, or it took too long. Try again, or use the passphrase.';

/** What a browser answers with, as far as it is looked at here; the library reads the rest. */
const LONG = 20_000;
const text = z.string().max(LONG);
const answer = <Response extends z.ZodRawShape>(response: Response) =>
  z.looseObject({
    id: text,
    rawId: text,
    type: z.literal('public-key'),
    response: z.looseObject(response),
    clientExtensionResults: z.looseObject({}),
  });
const madeSchema = answer({ clientDataJSON: text, attestationObject: text });
const enteredSchema = answer({ clientDataJSON: text, authenticatorData: text, signature: text });

async function atSite<T>(run: (site: Site) => Promise<ActionResult<T>>): Promise<ActionResult<T>> {
  const site = siteAt(await visitorOrigin());
  return site ? run(site) : refused(NO_SITE);
}

/** What the browser needs to make a key for one's own account. */
export async function passkeyToAdd(): Promise<ActionResult<PublicKeyCredentialCreationOptionsJSON>> {
  return ask('passkeyToAdd', z.undefined(), undefined, (scope) =>
    atSite(async (site) => {
      const account = (await currentVisit())?.account;
      const email = account && (await emailOf(scope, account));
      if (!account || !email) return refused('There is no account to add a passkey to.');
      return { ok: true, value: await questionToAdd(database(), scope, { account, email }, site) };
    }),
  );
}

export async function addPasskey(sent: unknown): Promise<ActionResult> {
  return act('addPasskey', madeSchema, sent, (scope, made) =>
    atSite(async (site) => {
      const account = (await currentVisit())?.account;
      if (!account) return refused('There is no account to add a passkey to.');
      const who = { account, device: await currentDevice() };
      const added = await add(database(), scope, who, made as unknown as RegistrationResponseJSON, site);
      if (added === 'too-many') return refused('There are twenty passkeys already. Take one away first.');
      if (added === 'not-fitting') return refused(NOT_FITTING);
      await note('added-passkey');
      return accepted();
    }),
  );
}

export async function dropPasskey(sent: unknown): Promise<ActionResult> {
  return act('dropPasskey', z.strictObject({ id: z.string().length(64) }), sent, async (scope, { id }) => {
    const account = (await currentVisit())?.account;
    if (account) await drop(scope, account, id);
    await note('dropped-passkey');
    return accepted();
  });
}

/** What the browser needs to answer with a key it has. */
export async function passkeyToEnter(): Promise<ActionResult<PublicKeyCredentialRequestOptionsJSON>> {
  return guarded(z.undefined(), undefined, () =>
    atSite(async (site) => {
      const turn = await throttle().take('sign-in-from', await visitorAddress());
      if (!turn.isFree) return refused(waitWords(turn.waitSeconds));
      return { ok: true, value: await questionToEnter(database(), site) };
    }),
  );
}

/** Signs in whoever's key it is. */
export async function enterByPasskey(input: unknown): Promise<ActionResult> {
  return guarded(enteredSchema, input, (entered) =>
    atSite(async (site) => {
      const holder = await holderOf(database(), entered as unknown as AuthenticationResponseJSON, site);
      if (!holder) return refused(NOT_FITTING);
      await enterHousehold(holder.household, holder.id);
      await writeDown(new HouseholdScope(database(), holder.household), {
        what: 'signed-in-by-passkey',
        account: holder.id,
        device: await currentDevice(),
      });
      return accepted();
    }),
  );
}
