import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, afterEach, beforeAll, describe, expect, inject, it } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import { changeHousehold } from '../commands/change';
import { connect } from '../db/connection';
import { migrate } from '../db/migrations/migrate';
import { HouseholdScope } from '../db/scope';
import { insertHousehold } from '../repositories/household';
import { emptyDatabase, newHousehold, testDatabase } from '../testing/households';
import { keptHousehold } from './kept';
import { readFrom } from './replica';

let db: Knex;
let copy: Awaited<ReturnType<typeof emptyDatabase>>;

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
  copy = await emptyDatabase('replica');
  await migrate(copy.db);
});
afterEach(() => readFrom(undefined));
afterAll(async () => {
  await copy.drop();
  await db.destroy();
});

/** A household and its copy, told apart by the name that each database has for it. */
async function twice(): Promise<HouseholdScope> {
  const scope = await newHousehold(db, 'As it is');
  await insertHousehold(scope, homeNamed('one person in one day'));
  const { household: id } = scope;
  await copy.db('households').insert({ id, name: 'As copied', timezone: 'Europe/Berlin' });
  await insertHousehold(new HouseholdScope(copy.db, id), homeNamed('one person in one day'));
  const [standing] = await db('households').where({ id }).select('revision', 'day_seq');
  await copy.db('households').where({ id }).update(standing);
  return scope;
}

const nameOf = async (scope: HouseholdScope) => (await keptHousehold(scope)).household.name;

describe('a copy of the database', () => {
  it('is read where it has come as far, and not where it lags behind', async () => {
    const scope = await twice();
    readFrom(copy.db);
    expect(await nameOf(scope)).toBe('As copied');
    const change = { do: 'weather', date: '2027-03-02', dry: false } as const;
    await changeHousehold(scope, randomUUID(), change, () => 'Rain');
    // What a change has led to is what was read before it and the change.
    await db('households').where({ id: scope.household }).increment('revision', 1);
    expect(await nameOf(scope)).toBe('As it is');
  });

  it('is done without where it does not answer', async () => {
    const scope = await twice();
    const gone = connect('mysql://nobody:x@127.0.0.1:1/early_thaw');
    readFrom(gone);
    expect(await nameOf(scope)).toBe('As it is');
    await gone.destroy();
  });

  it('is not asked inside a transaction, which sees what nobody else does', async () => {
    const scope = await twice();
    readFrom(copy.db);
    const name = await scope.transaction(async (inside) => {
      await inside.own().increment('revision', 1);
      return nameOf(inside);
    });
    expect(name).toBe('As it is');
  });
});
