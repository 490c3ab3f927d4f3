import { createHmac, randomBytes } from 'node:crypto';
import type { Knex } from 'knex';
import type { Role } from '../../core/household/roles';
import type { HouseholdId, HouseholdScope } from '../db/scope';

/**
 * Who is signed in, and on which device. The browser holds a token, the database its hash: whoever reads the database
 * can't sign in by it, and what is taken away here is over everywhere at once.
 */

const TOKEN_BYTES = 32;
const DAY_S = 24 * 60 * 60;
/** However busy, a session ends after so long; one that nobody uses ends sooner. */
const MOST_S = 30 * DAY_S;
const IDLE_S = 7 * DAY_S;
/** Written down so often that somebody was there, rather than with every read. */
const SEEN_EVERY_S = 15 * 60;

export const MOST_SESSION_SECONDS = MOST_S;

export type Visit = {
  readonly household: HouseholdId;
  /** None for a visitor of the demo. */
  readonly account: string | undefined;
  readonly device: string;
};

export type CurrentSession = Omit<Visit, 'device'> & { readonly id: string; readonly role: Role };

/** Whoever looks round the demo has the house to themselves. */
const DEMO_ROLE: Role = 'keeper';

export type OpenSession = {
  /** Names it among those of its account, and opens nothing. */
  readonly id: string;
  readonly device: string;
  /** Seconds since 1970. */
  readonly openedS: number;
  readonly seenS: number;
};

type SessionRow = {
  readonly token_hash: string;
  readonly household_id: HouseholdId;
  readonly account_id: string | null;
  readonly device: string;
  readonly opened_s: number;
  readonly seen_s: number;
};

/** The sessions of one database, whose tokens are hashed with the server's own secret. */
export class Sessions {
  constructor(
    private readonly db: Knex,
    private readonly secret: string,
    private readonly nowS: () => number = () => Math.floor(Date.now() / 1000),
  ) {}

  /** The token of a new session. */
  async open({ household, account, device }: Visit): Promise<string> {
    const token = randomBytes(TOKEN_BYTES).toString('base64url');
    const now = this.nowS();
    await this.db('sessions').insert({
      token_hash: this.hashOf(token),
      household_id: household,
      account_id: account ?? null,
      device,
      opened_s: now,
      seen_s: now,
    });
    await this.sweep();
    return token;
  }

  /** Who holds a token; undefined where it was never given, has ended or has run out. */
  async at(token: string): Promise<CurrentSession | undefined> {
    const id = this.hashOf(token);
    const row: (SessionRow & { readonly role: Role | null }) | undefined = await this.db('sessions')
      .leftJoin('accounts', (join) =>
        join.on('accounts.household_id', 'sessions.household_id').andOn('accounts.id', 'sessions.account_id'),
      )
      .where({ token_hash: id })
      .first('sessions.*', 'accounts.role');
    const now = this.nowS();
    // Whose account is gone is out.
    if (!row || isOver(row, now) || (row.account_id !== null && row.role === null)) return undefined;
    if (now - Number(row.seen_s) >= SEEN_EVERY_S)
      await this.db('sessions').where({ token_hash: id }).update({ seen_s: now });
    return {
      id,
      household: row.household_id,
      account: row.account_id ?? undefined,
      role: row.role ?? DEMO_ROLE,
    };
  }

  async end(token: string): Promise<void> {
    await this.db('sessions')
      .where({ token_hash: this.hashOf(token) })
      .delete();
  }

  /** Those of an account that are not over, the one used last before the others. */
  async of(scope: HouseholdScope, account: string): Promise<OpenSession[]> {
    const rows: SessionRow[] = await this.ofAccount(scope, account).orderBy('seen_s', 'desc').select();
    const now = this.nowS();
    return rows
      .filter((row) => !isOver(row, now))
      .map(({ token_hash, device, opened_s, seen_s }) => ({
        id: token_hash,
        device,
        openedS: Number(opened_s),
        seenS: Number(seen_s),
      }));
  }

  async endOne(scope: HouseholdScope, account: string, id: string): Promise<void> {
    await this.ofAccount(scope, account).where({ token_hash: id }).delete();
  }

  /** Ends those of an account but one; all of them where none is named. Says how many there were. */
  async endOthers(scope: HouseholdScope, account: string, id = ''): Promise<number> {
    return this.ofAccount(scope, account).whereNot({ token_hash: id }).delete();
  }

  private ofAccount(scope: HouseholdScope, account: string) {
    return scope.rows('sessions').where({ account_id: account });
  }

  /** What has run out is of no use to anybody. */
  private async sweep(): Promise<void> {
    const now = this.nowS();
    await this.db('sessions')
      .where('opened_s', '<=', now - MOST_S)
      .orWhere('seen_s', '<=', now - IDLE_S)
      .limit(200)
      .delete();
  }

  private hashOf(token: string): string {
    return createHmac('sha256', this.secret).update(token).digest('hex');
  }
}

function isOver({ opened_s, seen_s }: SessionRow, now: number): boolean {
  return now - Number(opened_s) >= MOST_S || now - Number(seen_s) >= IDLE_S;
}
