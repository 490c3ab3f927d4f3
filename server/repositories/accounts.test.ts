import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testDatabase } from '../testing/households';
import { createAccount, findDemoHousehold, findHousehold, householdExists } from './accounts';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

const account = (email: string) => ({
  householdName: 'Elm Yard',
  timezone: 'Europe/Berlin',
  email,
  passphrase: 'three dry towels',
});
const newEmail = () => `${randomUUID()}@example.org`;

describe('accounts', () => {
  it('finds the household of an email and its passphrase, however the email is written', async () => {
    const email = newEmail();
    const made = await createAccount(db, account(email));
    expect(made.ok).toBe(true);
    expect(await findHousehold(db, `  ${email.toUpperCase()} `, 'three dry towels')).toBe(
      made.ok && made.household,
    );
  });

  it('finds none for a wrong passphrase or an unknown email', async () => {
    const email = newEmail();
    await createAccount(db, account(email));
    expect(await findHousehold(db, email, 'three wet towels')).toBeUndefined();
    expect(await findHousehold(db, newEmail(), 'three dry towels')).toBeUndefined();
  });

  it('refuses an email that is taken, and leaves no half household behind', async () => {
    const email = newEmail();
    await createAccount(db, account(email));
    const before = await db('households').count({ n: '*' }).first();
    expect(await createAccount(db, account(email.toUpperCase()))).toEqual({
      ok: false,
      fault: 'email-taken',
    });
    expect(await db('households').count({ n: '*' }).first()).toEqual(before);
  });

  it('gives one of two who ask for the same email at the same moment', async () => {
    const email = newEmail();
    const results = await Promise.all([createAccount(db, account(email)), createAccount(db, account(email))]);
    expect(results.filter((result) => result.ok)).toHaveLength(1);
  });

  it('keeps the passphrase only as an argon2id hash', async () => {
    const email = newEmail();
    await createAccount(db, account(email));
    const row = await db('accounts').where({ email }).first();
    expect(row.passphrase_hash).toMatch(/^\$argon2id\$/);
    expect(JSON.stringify(row)).not.toContain('towels');
  });

  it('knows no demo household where none was loaded, and no household of a made-up id', async () => {
    expect(await findDemoHousehold(db)).toBeUndefined();
    expect(await householdExists(db, 'nobody' as never)).toBe(false);
  });
});
