import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { Role } from '../../core/household/roles';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/** Links by which somebody gets an account in a household; each is used once, and runs out. */

const TOKEN_BYTES = 32;
const OPEN_S = 7 * 24 * 60 * 60;
const MOST_OPEN = 20;

export type Invitation = { readonly id: string; readonly role: Role; readonly untilS: number };

const nowS = () => Math.floor(Date.now() / 1000);
const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** The token of a new one; undefined where too many are out. */
export async function invite(scope: HouseholdScope, role: Role, now = nowS()): Promise<string | undefined> {
  await scope.rows('invitations').where('until_s', '<=', now).delete();
  if ((await openInvitations(scope, now)).length >= MOST_OPEN) return undefined;
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  const until = now + OPEN_S;
  await scope.insert('invitations', [{ id: randomUUID(), token_hash: hashOf(token), role, until_s: until }]);
  return token;
}

export async function openInvitations(scope: HouseholdScope, now = nowS()): Promise<Invitation[]> {
  const rows: { id: string; role: Role; until_s: number }[] = await scope
    .rows('invitations')
    .where('until_s', '>', now)
    .orderBy('until_s')
    .select('id', 'role', 'until_s');
  return rows.map(({ id, role, until_s }) => ({ id, role, untilS: Number(until_s) }));
}

export async function takeBackInvitation(scope: HouseholdScope, id: string): Promise<void> {
  await scope.dropAll('invitations', [id]);
}

type Invited = { readonly scope: HouseholdScope; readonly role: Role; readonly household: string };

/** What a token invites to; undefined where it does not, or does not any more. */
export async function invitationAt(db: Knex, token: string, now = nowS()): Promise<Invited | undefined> {
  const row: { household_id: HouseholdId; role: Role; name: string } | undefined = await db('invitations')
    .join('households', 'households.id', 'invitations.household_id')
    .where({ token_hash: hashOf(token) })
    .where('until_s', '>', now)
    .first('invitations.household_id', 'invitations.role', 'households.name');
  return row && { scope: new HouseholdScope(db, row.household_id), role: row.role, household: row.name };
}

/** Uses an invitation up; says whether it was there to be used. */
export async function spendInvitation(scope: HouseholdScope, token: string): Promise<boolean> {
  return (
    (await scope
      .rows('invitations')
      .where({ token_hash: hashOf(token) })
      .delete()) === 1
  );
}
