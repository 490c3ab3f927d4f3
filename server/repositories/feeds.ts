import { createHash, randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/** The private address at which a calendar program fetches a household's sessions; kept as a hash, shown once. */

const FEED = 'sessions';
const TOKEN_BYTES = 32;

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

/** Makes a new address; one that was given out before ends with it. */
export async function makeFeed(scope: HouseholdScope): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  await scope.put('feeds', { id: FEED, token_hash: hashOf(token) }, ['id']);
  return token;
}

export async function revokeFeed(scope: HouseholdScope): Promise<void> {
  await scope.dropAll('feeds', [FEED]);
}

export async function hasFeed(scope: HouseholdScope): Promise<boolean> {
  return (await scope.rows('feeds').where({ id: FEED }).first('id')) !== undefined;
}

/** The household of an address. This stands before every household: the token is all there is to go by. */
export async function householdOfFeed(db: Knex, token: string): Promise<HouseholdScope | undefined> {
  const row: { household_id: HouseholdId } | undefined = await db('feeds')
    .where({ token_hash: hashOf(token) })
    .first('household_id');
  return row && new HouseholdScope(db, row.household_id);
}
