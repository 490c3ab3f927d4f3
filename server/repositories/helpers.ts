import { createHash, randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/** Links that open one person's day and nothing else; kept as hashes, shown once. */

const TOKEN_BYTES = 32;

function hashOf(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

/** Makes the link of a person; one that was given out before ends with it. */
export async function makeHelperLink(scope: HouseholdScope, person: string): Promise<string> {
  const token = randomBytes(TOKEN_BYTES).toString('base64url');
  await scope.put('helpers', { id: person, token_hash: hashOf(token) }, ['id']);
  return token;
}

export async function revokeHelperLink(scope: HouseholdScope, person: string): Promise<void> {
  await scope.dropAll('helpers', [person]);
}

/** The people whose link is given out. */
export async function helpersWithLink(scope: HouseholdScope): Promise<string[]> {
  const rows: { id: string }[] = await scope.rows('helpers').select('id');
  return rows.map(({ id }) => id);
}

/** Whose day a link opens. This stands before every household: the token is all there is to go by. */
export async function helperOfToken(
  db: Knex,
  token: string,
): Promise<{ readonly scope: HouseholdScope; readonly person: string } | undefined> {
  const row: { household_id: HouseholdId; id: string } | undefined = await db('helpers')
    .where({ token_hash: hashOf(token) })
    .first('household_id', 'id');
  return row && { scope: new HouseholdScope(db, row.household_id), person: row.id };
}
