import { randomInt, randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Knex } from 'knex';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/** Accounts stand before every household: these are the only queries that look for one. */

export type NewAccount = {
  readonly householdName: string;
  readonly timezone: string;
  readonly email: string;
  readonly passphrase: string;
};

export type SignUp =
  | { readonly ok: true; readonly household: HouseholdId }
  | { readonly ok: false; readonly fault: 'email-taken' };

/** Each household has a forecast of its own. */
const MOST_SEED = 2 ** 31 - 1;

/** A hash of nothing in particular: an unknown email takes as long as a wrong passphrase. */
let decoy: Promise<string> | undefined;

function decoyHash(): Promise<string> {
  decoy ??= hash(randomUUID());
  return decoy;
}

export async function createAccount(db: Knex, account: NewAccount): Promise<SignUp> {
  const household = randomUUID() as HouseholdId;
  const passphraseHash = await hash(account.passphrase);
  try {
    await db.transaction(async (trx) => {
      await trx('households').insert({
        id: household,
        name: account.householdName,
        timezone: account.timezone,
      });
      const scope = new HouseholdScope(trx, household);
      await scope.insert('accounts', [
        { id: randomUUID(), email: normalEmail(account.email), passphrase_hash: passphraseHash },
      ]);
      await scope.insert('settings', [{ id: 'forecast-seed', value: JSON.stringify(randomInt(MOST_SEED)) }]);
    });
    return { ok: true, household };
  } catch (error) {
    if (isDuplicate(error)) return { ok: false, fault: 'email-taken' };
    throw error;
  }
}

/** The household of an email and its passphrase; undefined when either is wrong. */
export async function findHousehold(
  db: Knex,
  email: string,
  passphrase: string,
): Promise<HouseholdId | undefined> {
  const row: { household_id: HouseholdId; passphrase_hash: string } | undefined = await db('accounts')
    .where({ email: normalEmail(email) })
    .first();
  const matches = await verify(row?.passphrase_hash ?? (await decoyHash()), passphrase);
  return row && matches ? row.household_id : undefined;
}

export async function findDemoHousehold(db: Knex): Promise<HouseholdId | undefined> {
  const row: { id: HouseholdId } | undefined = await db('households')
    .where({ is_demo: true })
    .orderBy('created_at')
    .first('id');
  return row?.id;
}

export async function householdExists(db: Knex, household: HouseholdId): Promise<boolean> {
  return (await db('households').where({ id: household }).first('id')) !== undefined;
}

function normalEmail(email: string): string {
  return email.trim().toLocaleLowerCase('en');
}

function isDuplicate(error: unknown): boolean {
  return error instanceof Error && 'code' in error && error.code === 'ER_DUP_ENTRY';
}
