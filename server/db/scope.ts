import type { Knex } from 'knex';

/** Names a household; handed out by the session, and by nothing else. */
export type HouseholdId = string & { readonly brand: 'HouseholdId' };

/** Tables whose rows belong to a household. */
export type OwnedTable =
  | 'accounts'
  | 'floors'
  | 'rooms'
  | 'stops'
  | 'fixtures'
  | 'members'
  | 'machines'
  | 'cleans'
  | 'plans'
  | 'ticks'
  | 'settings'
  | 'marks'
  | 'methods'
  | 'edits'
  | 'replaced'
  | 'feeds'
  | 'parts'
  | 'day_events'
  | 'helpers'
  | 'record'
  | 'past_cleans'
  | 'pictures'
  | 'calendar_events'
  | 'busy_addresses'
  | 'sessions'
  | 'recovery_codes'
  | 'passkeys'
  | 'access_log'
  | 'invitations'
  | 'commands';

export type Row = Readonly<Record<string, unknown>>;

/** How a household stands: the numbers by which everything that follows from it is told apart. */
export type Standing = {
  /** Moves with every change. */
  readonly revision: number;
  /** Moves with all that happens on a day. */
  readonly daySeq: number;
  /** The number of the last wish for a plan, that of the last one that was fulfilled, and what is wished for. */
  readonly planWanted: number;
  readonly planMade: number;
  readonly planWish: string | null;
  /** Of the last entry of the journal. */
  readonly editPosition: number;
  /** What the command was answered when it was carried out. */
  readonly answer: string | null;
};

const ROWS_AT_ONCE = 200;

function chunksOf<T>(rows: readonly T[]): T[][] {
  const chunks: T[][] = [];
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE) chunks.push(rows.slice(i, i + ROWS_AT_ONCE));
  return chunks;
}

/**
 * The database as one household may see it. Every query goes through here and carries the household; there is no
 * way to ask for a row without it.
 */
export class HouseholdScope {
  constructor(
    private readonly db: Knex,
    readonly household: HouseholdId,
  ) {}

  /** The same household by another connection; undefined inside a transaction, which sees what nobody else does. */
  beside(db: Knex): HouseholdScope | undefined {
    return this.db.isTransaction ? undefined : new HouseholdScope(db, this.household);
  }

  /** A query on the household's rows of a table. */
  rows(table: OwnedTable): Knex.QueryBuilder {
    return this.db(table).where({ [`${table}.household_id`]: this.household });
  }

  async insert(table: OwnedTable, rows: readonly Row[]): Promise<void> {
    if (rows.length === 0) return;
    const owned = rows.map((row) => this.owned(row));
    // Many at once are all or none; so are few, without being told.
    if (owned.length <= ROWS_AT_ONCE) await this.db(table).insert(owned);
    else await this.db.batchInsert(table, owned, ROWS_AT_ONCE);
  }

  /** What inserts rows, to be sent together with other writes. */
  inserting(table: OwnedTable, rows: readonly Row[]): Knex.QueryBuilder[] {
    return chunksOf(rows).map((some) => this.db(table).insert(some.map((row) => this.owned(row))));
  }

  /** The same, or what replaces the rows with the same key. */
  putting(table: OwnedTable, rows: readonly Row[], key: readonly string[]): Knex.QueryBuilder[] {
    return chunksOf(rows).map((some) =>
      this.db(table)
        .insert(some.map((row) => this.owned(row)))
        .onConflict(['household_id', ...key])
        .merge(),
    );
  }

  /** Sends writes in their order as one statement, inside a transaction: the way to the database and back is gone once. */
  async together(writes: readonly Knex.QueryBuilder[]): Promise<void> {
    if (writes.length === 0) return;
    const written = writes.map((write) => write.toSQL().toNative());
    const statements = written.map(({ sql }) => `${sql};`).join(' ');
    await this.db.raw(
      `BEGIN NOT ATOMIC ${statements} END`,
      written.flatMap(({ bindings }) => bindings as Knex.RawBinding[]),
    );
  }

  /** Inserts, and leaves a row that is there already as it is: a request that comes twice changes nothing. */
  async insertOnce(table: OwnedTable, row: Row, key: readonly string[]): Promise<void> {
    await this.db(table)
      .insert(this.owned(row))
      .onConflict(['household_id', ...key])
      .ignore();
  }

  /** Inserts or replaces the row with the same key. */
  async put(table: OwnedTable, row: Row, key: readonly string[]): Promise<void> {
    await this.db(table)
      .insert(this.owned(row))
      .onConflict(['household_id', ...key])
      .merge();
  }

  /** The same for many rows. */
  async putAll(table: OwnedTable, rows: readonly Row[], key: readonly string[]): Promise<void> {
    for (const some of this.putting(table, rows, key)) await some;
  }

  /** Deletes the rows with these ids, and what hangs on them. */
  async dropAll(table: OwnedTable, ids: readonly string[]): Promise<void> {
    for (const some of chunksOf(ids)) await this.rows(table).whereIn('id', some).del();
  }

  /**
   * Makes others that want to change the household wait until this transaction has ended. Returns how it stands, and what a
   * command was answered that was carried out before.
   */
  async lock(command?: string): Promise<Standing> {
    const row: Standing | undefined = await this.own()
      .forUpdate()
      .first(
        'revision',
        'day_seq as daySeq',
        'plan_wanted as planWanted',
        'plan_made as planMade',
        'plan_wish as planWish',
        'edit_position as editPosition',
        this.db.raw(
          '(SELECT answer FROM commands WHERE commands.household_id = households.id AND commands.id = ?) AS answer',
          [command ?? ''],
        ),
      );
    if (!row) throw new Error('The household of this session is not there.');
    return { ...row, revision: Number(row.revision) };
  }

  /** The household's own row. */
  own(): Knex.QueryBuilder {
    return this.db('households').where({ id: this.household });
  }

  /** All or nothing. */
  transaction<T>(run: (scope: HouseholdScope) => Promise<T>): Promise<T> {
    return this.db.transaction((trx) => run(new HouseholdScope(trx, this.household)));
  }

  private owned(row: Row): Row {
    return { ...row, household_id: this.household };
  }
}
