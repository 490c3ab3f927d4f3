import { createHash, randomInt, randomUUID } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import type { Knex } from 'knex';
import type { Role } from '../../core/household/roles';
import { type HouseholdId, HouseholdScope } from '../db/scope';

/**
 * Accounts stand before every household: these are the only queries that look for one. An account is named by an email
 * together with its passphrase, so that signing up with an email that is known already looks like any other.
 */

export type NewAccount = {
  readonly householdName: string;
  readonly timezone: string;
  readonly email: string;
  readonly passphrase: string;
};

export type Account = { readonly id: string; readonly household: HouseholdId };

export type SignUp =
  | { readonly ok: true; readonly account: Account; readonly isNew: boolean }
  | { readonly ok: false; readonly fault: 'too-many' };

type AccountRow = {
  readonly id: string;
  readonly household_id: HouseholdId;
  readonly passphrase_hash: string;
};

/** Each household has a forecast of its own. */
const MOST_SEED = 2 ** 31 - 1;

/** Households that one email may belong to. So many hashes are worked out at every door, however many there are. */
const MOST_OF_AN_EMAIL = 4;
const MOST_WAIT_S = 20;

/** A hash of nothing in particular: an unknown email takes as long as a wrong passphrase. */
let decoy: Promise<string> | undefined;

function decoyHash(): Promise<string> {
  decoy ??= hash(randomUUID());
  return decoy;
}

/** Makes a household with its first account; whoever has that email and passphrase already gets what they have. */
export async function createAccount(db: Knex, account: NewAccount): Promise<SignUp> {
  const passphraseHash = await hash(account.passphrase);
  return oneAtATime(db, normalEmail(account.email), async () => {
    const rows = await rowsOf(db, account.email);
    const known = await matching(rows, account.passphrase);
    if (known) return { ok: true, account: accountOf(known), isNew: false };
    if (rows.length >= MOST_OF_AN_EMAIL) return { ok: false, fault: 'too-many' };
    return { ok: true, account: await insertAccount(db, account, passphraseHash), isNew: true };
  });
}

/** Two of the same email at the same moment come one after the other, on whichever server. */
async function oneAtATime<Result>(db: Knex, email: string, run: () => Promise<Result>): Promise<Result> {
  const name = createHash('sha256').update(email).digest('hex');
  const connection = await db.client.acquireConnection();
  try {
    await db.raw('SELECT GET_LOCK(?, ?)', [name, MOST_WAIT_S]).connection(connection);
    return await run();
  } finally {
    await db.raw('SELECT RELEASE_LOCK(?)', [name]).connection(connection);
    await db.client.releaseConnection(connection);
  }
}

async function insertAccount(db: Knex, account: NewAccount, passphraseHash: string): Promise<Account> {
  const made: Account = { id: randomUUID(), household: randomUUID() as HouseholdId };
  await db.transaction(async (trx) => {
    await trx('households').insert({
      id: made.household,
      name: account.householdName,
      timezone: account.timezone,
    });
    const scope = new HouseholdScope(trx, made.household);
    await scope.insert('accounts', [
      { id: made.id, email: normalEmail(account.email), passphrase_hash: passphraseHash },
    ]);
    await scope.insert('settings', [{ id: 'forecast-seed', value: JSON.stringify(randomInt(MOST_SEED)) }]);
  });
  return made;
}

/** The account of an email and its passphrase; undefined when either is wrong. */
export async function findAccount(db: Knex, email: string, passphrase: string): Promise<Account | undefined> {
  const found = await matching(await rowsOf(db, email), passphrase);
  return found && accountOf(found);
}

/** Every account of an email, for ways in that do not go by the passphrase. */
export async function accountsOf(db: Knex, email: string): Promise<Account[]> {
  return (await rowsOf(db, email)).map(accountOf);
}

export type HouseholdAccount = { readonly id: string; readonly email: string; readonly role: Role };

/** Everybody who has an account in a household, those of longest standing first. */
export async function accountsIn(scope: HouseholdScope): Promise<HouseholdAccount[]> {
  return scope.rows('accounts').orderBy('created_at').orderBy('id').select('id', 'email', 'role');
}

/** Somebody who was invited gets an account; undefined where that email and passphrase open a household already. */
export async function joinHousehold(
  scope: HouseholdScope,
  db: Knex,
  { email, passphrase, role }: { readonly email: string; readonly passphrase: string; readonly role: Role },
): Promise<Account | undefined> {
  const passphraseHash = await hash(passphrase);
  return oneAtATime(db, normalEmail(email), async () => {
    const rows = await rowsOf(db, email);
    if (rows.length >= MOST_OF_AN_EMAIL || (await matching(rows, passphrase))) return undefined;
    const id = randomUUID();
    await scope.insert('accounts', [
      { id, email: normalEmail(email), passphrase_hash: passphraseHash, role },
    ]);
    return { id, household: scope.household };
  });
}

export type RoleChange = 'changed' | 'last-keeper' | 'gone';

/** Makes somebody something else in the household, or takes their account away; one who keeps house always stays. */
export async function changeRole(
  scope: HouseholdScope,
  account: string,
  role: Role | 'gone',
): Promise<RoleChange> {
  return scope.transaction(async (trx) => {
    const all: HouseholdAccount[] = await trx.rows('accounts').forUpdate().select('id', 'email', 'role');
    if (!all.some(({ id }) => id === account)) return 'gone';
    const keepers = all.filter((one) => one.role === 'keeper' && one.id !== account);
    if (role !== 'keeper' && keepers.length === 0) return 'last-keeper';
    const own = trx.rows('accounts').where({ id: account });
    await (role === 'gone' ? own.delete() : own.update({ role }));
    return 'changed';
  });
}

export async function emailOf(scope: HouseholdScope, account: string): Promise<string | undefined> {
  const row: { email: string } | undefined = await scope
    .rows('accounts')
    .where({ id: account })
    .first('email');
  return row?.email;
}

/** Whether a passphrase is that of an account. */
export async function isPassphraseOf(
  scope: HouseholdScope,
  account: string,
  passphrase: string,
): Promise<boolean> {
  const row: AccountRow | undefined = await scope.rows('accounts').where({ id: account }).first();
  return verify(row?.passphrase_hash ?? (await decoyHash()), passphrase);
}

export async function setPassphrase(
  scope: HouseholdScope,
  account: string,
  passphrase: string,
): Promise<void> {
  const passphraseHash = await hash(passphrase);
  await scope.rows('accounts').where({ id: account }).update({ passphrase_hash: passphraseHash });
}

export async function findDemoHousehold(db: Knex): Promise<HouseholdId | undefined> {
  const row: { id: HouseholdId } | undefined = await db('households')
    .where({ is_demo: true })
    .orderBy('created_at')
    .first('id');
  return row?.id;
}

export function normalEmail(email: string): string {
  return email.trim().toLocaleLowerCase('en');
}

async function rowsOf(db: Knex, email: string): Promise<AccountRow[]> {
  return db('accounts')
    .where({ email: normalEmail(email) })
    .orderBy('created_at')
    .limit(MOST_OF_AN_EMAIL)
    .select('id', 'household_id', 'passphrase_hash');
}

/** The row that a passphrase opens; as many are tried for one email as for another. */
async function matching(rows: readonly AccountRow[], passphrase: string): Promise<AccountRow | undefined> {
  const hashes = await Promise.all(
    Array.from({ length: MOST_OF_AN_EMAIL }, (_, i) => rows[i]?.passphrase_hash ?? decoyHash()),
  );
  const fits = await Promise.all(hashes.map((known) => verify(known, passphrase)));
  return rows.find((_, i) => fits[i]);
}

function accountOf({ id, household_id }: AccountRow): Account {
  return { id, household: household_id };
}
