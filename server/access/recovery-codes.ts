import { createHmac, randomInt } from 'node:crypto';
import type { HouseholdScope } from '../db/scope';

/** Ways back in for whoever has forgotten the passphrase: codes on paper or by mail, each of which opens the door once. */

/** Without letters and figures that are taken for each other on paper. */
const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';
const LENGTH = 12;
const GROUP = 4;
const CODES = 8;

function newCode(): string {
  return Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('');
}

/** `k7mq-x2vd-9hpa`. */
const grouped = (code: string) => (code.match(new RegExp(`.{${GROUP}}`, 'g')) ?? []).join('-');

/** However it was typed from the paper. */
const bare = (typed: string) => typed.toLowerCase().replace(/[^a-z0-9]/g, '');

const nowS = () => Math.floor(Date.now() / 1000);

function hashOf(secret: string, code: string): string {
  return createHmac('sha256', secret)
    .update(`recovery ${bare(code)}`)
    .digest('hex');
}

/** Makes new codes for paper; those from before open nothing any more, whichever way they came. */
export async function makeRecoveryCodes(
  scope: HouseholdScope,
  account: string,
  secret: string,
): Promise<string[]> {
  const codes = Array.from({ length: CODES }, newCode);
  await scope.rows('recovery_codes').where({ account_id: account }).delete();
  await scope.insert(
    'recovery_codes',
    codes.map((code) => ({ account_id: account, code_hash: hashOf(secret, code) })),
  );
  return codes.map(grouped);
}

/** One more code, which is good for so many seconds: it goes by mail, or from whoever runs the server. */
export async function makePassingCode(
  scope: HouseholdScope,
  account: string,
  secret: string,
  seconds: number,
  now = nowS(),
): Promise<string> {
  const code = newCode();
  await scope.rows('recovery_codes').where('until_s', '<=', now).delete();
  await scope.insert('recovery_codes', [
    { account_id: account, code_hash: hashOf(secret, code), until_s: now + seconds },
  ]);
  return grouped(code);
}

/** Uses a code up; says whether it was one. */
export async function takeRecoveryCode(
  scope: HouseholdScope,
  account: string,
  code: string,
  secret: string,
  now = nowS(),
): Promise<boolean> {
  const used: number = await scope
    .rows('recovery_codes')
    .where({ account_id: account, code_hash: hashOf(secret, code) })
    .where((open) => open.whereNull('until_s').orWhere('until_s', '>', now))
    .delete();
  return used === 1;
}

/** Those on paper that are left. */
export async function countRecoveryCodes(scope: HouseholdScope, account: string): Promise<number> {
  const row = await scope
    .rows('recovery_codes')
    .where({ account_id: account, until_s: null })
    .count({ n: '*' })
    .first();
  return Number(row?.n ?? 0);
}
