import { createHash, randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/**
 * Private addresses at which a calendar program fetches sessions, everybody’s or one person’s; kept as hashes, each shown
 * once.
 */

/** Whose sessions: a person, or everybody where undefined. */
export type FeedOf = string | undefined;

const EVERYBODY = 'sessions';
const OF_PERSON = 'person:';
const TOKEN_BYTES = 32;

const idOf = (person: FeedOf) => (person === undefined ? EVERYBODY : `${OF_PERSON}${person}`);
const personOf = (id: string): FeedOf => (id === EVERYBODY ? undefined : id.slice(OF_PERSON.length));

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

/** Makes a new address; one that was given out before for the same ends with it. */
export async function makeFeed(scope: HouseholdScope, person?: FeedOf): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  await scope.put('feeds', { id: idOf(person), token_hash: hashOf(token) }, ['id']);
  return token;
}

export async function revokeFeed(scope: HouseholdScope, person?: FeedOf): Promise<void> {
  await scope.dropAll('feeds', [idOf(person)]);
}

/** Whose sessions have an address. */
export async function feedsOf(scope: HouseholdScope): Promise<FeedOf[]> {
  const rows: { id: string }[] = await scope.rows('feeds').orderBy('id').select('id');
  return rows.map(({ id }) => personOf(id));
}

/** What an address leads to. This stands before every household: the token is all there is to go by. */
export async function feedAt(
  db: Knex,
  token: string,
): Promise<{ readonly scope: HouseholdScope; readonly person: FeedOf } | undefined> {
  const row: { household_id: HouseholdId; id: string } | undefined = await db('feeds')
    .where({ token_hash: hashOf(token) })
    .first('household_id', 'id');
  return row && { scope: new HouseholdScope(db, row.household_id), person: personOf(row.id) };
}
