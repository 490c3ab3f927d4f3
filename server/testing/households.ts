import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { inject } from 'vitest';
import { connect } from '../db/connection';
import { migrate } from '../db/migrations';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/** A connection to the throw-away database, with its tables up to date. */
export async function testDatabase(): Promise<Knex> {
  const db = connect(inject('databaseUrl'));
  await migrate(db);
  return db;
}

/** A new household with nothing in it. */
export async function newHousehold(db: Knex, name = 'Test household'): Promise<HouseholdScope> {
  const id = randomUUID() as HouseholdId;
  await db('households').insert({ id, name, timezone: 'Europe/Berlin' });
  return new HouseholdScope(db, id);
}
