import { createHash } from 'node:crypto';
import {
  type AuthenticationResponseJSON,
  generateAuthenticationOptions,
  generateRegistrationOptions,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type WebAuthnCredential,
} from '@simplewebauthn/server';
import type { Knex } from 'knex';
import type { HouseholdId, HouseholdScope } from '../db/scope';

/**
 * Keys that a device keeps and that open the door without a passphrase. The server asks a question, which is answered once
 * and soon; the key's own secret never leaves the device.
 */

const ANSWER_S = 5 * 60;
const MOST_OF_ONE = 20;

/** The site that keys belong to. */
export type Site = { readonly id: string; readonly origin: string };

/** What a site is to a browser; undefined where its address can have no keys: a bare number, or no https. */
export function siteAt(origin: string): Site | undefined {
  const { protocol, hostname } = new URL(origin);
  const isNumber = /^[\d.]+$/.test(hostname) || hostname.startsWith('[');
  const isHere = hostname === 'localhost' || hostname.endsWith('.localhost');
  return !isNumber && (protocol === 'https:' || isHere) ? { id: hostname, origin } : undefined;
}

const nowS = () => Math.floor(Date.now() / 1000);
const hashOf = (text: string) => createHash('sha256').update(text).digest('hex');

/** A question that is answered once, within some minutes. */
async function remember(db: Knex, question: string): Promise<void> {
  await db('passkey_questions').where('until_s', '<=', nowS()).delete();
  await db('passkey_questions').insert({ question_hash: hashOf(question), until_s: nowS() + ANSWER_S });
}

/** Uses a question up; says whether it was asked. */
const wasAsked = (db: Knex) => async (question: string) =>
  (await db('passkey_questions')
    .where({ question_hash: hashOf(question) })
    .where('until_s', '>', nowS())
    .delete()) === 1;

/** What a browser needs to make a key. */
export async function questionToAdd(
  db: Knex,
  scope: HouseholdScope,
  { account, email }: { readonly account: string; readonly email: string },
  site: Site,
): Promise<PublicKeyCredentialCreationOptionsJSON> {
  const known: { credential: string }[] = await scope
    .rows('passkeys')
    .where({ account_id: account })
    .select('credential');
  const options = await generateRegistrationOptions({
    rpName: 'Early Thaw',
    rpID: site.id,
    userName: email,
    userID: new TextEncoder().encode(hashOf(`${scope.household} ${account}`)),
    attestationType: 'none',
    excludeCredentials: known.map(({ credential }) => ({ id: parsed(credential).id })),
    authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
  });
  await remember(db, options.challenge);
  return options;
}

export type Added = 'added' | 'not-fitting' | 'too-many';

/** Keeps the key that a browser has made. */
export async function addPasskey(
  db: Knex,
  scope: HouseholdScope,
  { account, device }: { readonly account: string; readonly device: string },
  response: RegistrationResponseJSON,
  site: Site,
): Promise<Added> {
  const made = await verifyRegistrationResponse({
    response,
    expectedChallenge: wasAsked(db),
    expectedOrigin: site.origin,
    expectedRPID: site.id,
  }).catch(() => undefined);
  if (!made?.verified || !made.registrationInfo) return 'not-fitting';
  if ((await passkeysOf(scope, account)).length >= MOST_OF_ONE) return 'too-many';
  const { credential } = made.registrationInfo;
  const row = {
    id: hashOf(credential.id),
    account_id: account,
    credential: written(credential),
    counter: credential.counter,
    device,
    made_s: nowS(),
    used_s: null,
  };
  await scope.insertOnce('passkeys', row, ['id']);
  return 'added';
}

/** What a browser needs to answer with whichever key it has for this site. */
export async function questionToEnter(db: Knex, site: Site): Promise<PublicKeyCredentialRequestOptionsJSON> {
  const options = await generateAuthenticationOptions({ rpID: site.id, userVerification: 'required' });
  await remember(db, options.challenge);
  return options;
}

export type Holder = { readonly household: HouseholdId; readonly id: string };

type PasskeyRow = {
  readonly household_id: HouseholdId;
  readonly account_id: string;
  readonly credential: string;
  readonly counter: number | string;
};

/** Whose key has answered; undefined where it is nobody's, or does not fit. */
export async function holderOf(
  db: Knex,
  response: AuthenticationResponseJSON,
  site: Site,
): Promise<Holder | undefined> {
  const id = hashOf(response.id);
  const row: PasskeyRow | undefined = await db('passkeys').where({ id }).first();
  if (!row) return undefined;
  const answered = await verifyAuthenticationResponse({
    response,
    expectedChallenge: wasAsked(db),
    expectedOrigin: site.origin,
    expectedRPID: site.id,
    credential: { ...parsed(row.credential), counter: Number(row.counter) },
  }).catch(() => undefined);
  if (!answered?.verified) return undefined;
  await db('passkeys')
    .where({ id })
    .update({ counter: answered.authenticationInfo.newCounter, used_s: nowS() });
  return { household: row.household_id, id: row.account_id };
}

export type Passkey = {
  readonly id: string;
  readonly device: string;
  readonly madeS: number;
  readonly usedS: number | undefined;
};

export async function passkeysOf(scope: HouseholdScope, account: string): Promise<Passkey[]> {
  const rows: { id: string; device: string; made_s: number; used_s: number | null }[] = await scope
    .rows('passkeys')
    .where({ account_id: account })
    .orderBy('made_s')
    .select('id', 'device', 'made_s', 'used_s');
  return rows.map(({ id, device, made_s, used_s }) => ({
    id,
    device,
    madeS: Number(made_s),
    usedS: used_s === null ? undefined : Number(used_s),
  }));
}

/** A key of one's own opens nothing any more. */
export async function dropPasskey(scope: HouseholdScope, account: string, id: string): Promise<void> {
  await scope.rows('passkeys').where({ account_id: account, id }).delete();
}

/** As it is kept: the public key is bytes. */
function written({ id, publicKey, transports }: WebAuthnCredential): string {
  return JSON.stringify({ id, publicKey: Buffer.from(publicKey).toString('base64url'), transports });
}

function parsed(text: string): Omit<WebAuthnCredential, 'counter'> {
  const { id, publicKey, transports } = JSON.parse(text);
  return { id, publicKey: Uint8Array.from(Buffer.from(publicKey, 'base64url')), transports };
}
