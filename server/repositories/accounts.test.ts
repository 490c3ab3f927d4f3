import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { HouseholdScope } from '../db/scope';
import { testDatabase } from '../testing/households';
import { createAccount, findAccount, findDemoHousehold, isPassphraseOf, setPassphrase } from './accounts';

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
  const made = async (email: string, passphrase = 'three dry towels') => {
    const result = await createAccount(db, { ...account(email), passphrase });
    if (!result.ok) throw new Error(result.fault);
    return result;
  };

  it('finds the household of an email and its passphrase, however the email is written', async () => {
    const email = newEmail();
    const { account: own } = await made(email);
    expect(await findAccount(db, `  ${email.toUpperCase()} `, 'three dry towels')).toEqual(own);
  });

  it('finds none for a wrong passphrase or an unknown email', async () => {
    const email = newEmail();
    await made(email);
    expect(await findAccount(db, email, 'three wet towels')).toBeUndefined();
    expect(await findAccount(db, newEmail(), 'three dry towels')).toBeUndefined();
  });

  it('tells nobody that an email is known: it makes another household, opened by the other passphrase', async () => {
    const email = newEmail();
    const [first, second] = [await made(email), await made(email.toUpperCase(), 'a moth in the loft')];
    expect([first.isNew, second.isNew]).toEqual([true, true]);
    expect(second.account.household).not.toBe(first.account.household);
    expect(await findAccount(db, email, 'three dry towels')).toEqual(first.account);
    expect(await findAccount(db, email, 'a moth in the loft')).toEqual(second.account);
  });

  it('gives whoever signs up twice what they have, also at the same moment', async () => {
    const email = newEmail();
    const results = await Promise.all([made(email), made(email), made(email)]);
    expect(new Set(results.map(({ account: { household } }) => household)).size).toBe(1);
    expect(results.filter(({ isNew }) => isNew)).toHaveLength(1);
  });

  it('ends at a few households of one email, and leaves no half of one behind', async () => {
    const email = newEmail();
    for (const word of ['one', 'two', 'three', 'four']) await made(email, `a moth in loft ${word}`);
    const before = await db('households').count({ n: '*' }).first();
    expect(await createAccount(db, account(email))).toEqual({ ok: false, fault: 'too-many' });
    expect(await db('households').count({ n: '*' }).first()).toEqual(before);
  });

  it('changes the passphrase, and knows the one that holds', async () => {
    const { account: own } = await made(newEmail());
    const scope = new HouseholdScope(db, own.household);
    await setPassphrase(scope, own.id, 'a moth in the loft');
    expect(await isPassphraseOf(scope, own.id, 'three dry towels')).toBe(false);
    expect(await isPassphraseOf(scope, own.id, 'a moth in the loft')).toBe(true);
    expect(await isPassphraseOf(scope, 'nobody', 'a moth in the loft')).toBe(false);
  });

  it('keeps the passphrase only as an argon2id hash', async () => {
    const email = newEmail();
    await createAccount(db, account(email));
    const row = await db('accounts').where({ email }).first();
    expect(row.passphrase_hash).toMatch(/^\$argon2id\$/);
    expect(JSON.stringify(row)).not.toContain('towels');
  });

  it('knows no demo household where none was loaded', async () => {
    expect(await findDemoHousehold(db)).toBeUndefined();
  });
});
