import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { inject } from 'vitest';
import type { HouseholdFile } from '../../core/household/household';
import { juniperRow } from '../../demo/juniper-row';
import { spreadWork } from '../commands/plan';
import { connect } from '../db/connection';
import { migrate } from '../db/migrations/migrate';
import { type HouseholdId, HouseholdScope } from '../db/scope';
import { planned } from '../planning/planner';
import { createAccount } from '../repositories/accounts';
import { householdFile, insertHousehold } from '../repositories/household';

/** A connection to the throw-away database, with its tables up to date. */
export async function testDatabase(): Promise<Knex> {
  const db = connect(inject('databaseUrl'));
  await migrate(db);
  return db;
}

/** A database of its own without any tables, for what is tried with older ones; gone when `drop` is called. */
export async function emptyDatabase(
  name: string,
): Promise<{ readonly db: Knex; readonly drop: () => Promise<void> }> {
  const url = new URL(inject('databaseUrl'));
  const all = connect(url.href);
  await all.raw('CREATE DATABASE ??', [`early_thaw_${name}`]);
  url.pathname = `/early_thaw_${name}`;
  const db = connect(url.href);
  const drop = async () => {
    await db.destroy();
    await all.raw('DROP DATABASE ??', [`early_thaw_${name}`]);
    await all.destroy();
  };
  return { db, drop };
}

/** A new household with nothing in it. */
export async function newHousehold(db: Knex, name = 'Test household'): Promise<HouseholdScope> {
  const id = randomUUID() as HouseholdId;
  await db('households').insert({ id, name, timezone: 'Europe/Berlin' });
  return new HouseholdScope(db, id);
}

/** The demo household with a plan that was made on the morning of a date, as a file that others can be made from. */
export async function plannedDemo(db: Knex, today: string): Promise<HouseholdFile> {
  const first = await newHousehold(db);
  const household = juniperRow(today);
  await insertHousehold(first, household);
  await spreadAt(first, `${today}T07:00`);
  return householdFile(first);
}

/** Spreads the work of a household as it would be at a time. */
export async function spreadAt(scope: HouseholdScope, now: string): Promise<void> {
  const { wish } = await spreadWork(scope, randomUUID(), () => now);
  if (wish === undefined) throw new Error('There is nothing to spread.');
  await planned(scope, wish, () => now);
}

/** Somebody with an account in a household of their own. */
export async function newAccount(
  db: Knex,
): Promise<{ readonly email: string; readonly id: string; readonly scope: HouseholdScope }> {
  const email = `${randomUUID()}@example.org`;
  const made = await createAccount(db, {
    householdName: 'Elm Yard',
    timezone: 'Europe/Berlin',
    email,
    passphrase: 'three dry towels',
  });
  if (!made.ok) throw new Error(made.fault);
  return { email, id: made.account.id, scope: new HouseholdScope(db, made.account.household) };
}
