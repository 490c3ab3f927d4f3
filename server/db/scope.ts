import type { Knex } from 'knex';
import { tell } from '../day/hub';

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
  | 'helpers';

export type Row = Readonly<Record<string, unknown>>;

const ROWS_AT_ONCE = 200;

/**
 * The database as one household may see it. Every query goes through here and carries the household; there is no
 * way to ask for a row without it.
 */
export class HouseholdScope {
  constructor(
    private readonly db: Knex,
    readonly household: HouseholdId,
  ) {}

  /** A query on the household's rows of a table. */
  rows(table: OwnedTable): Knex.QueryBuilder {
    return this.db(table).where({ [`${table}.household_id`]: this.household });
  }

  async insert(table: OwnedTable, rows: readonly Row[]): Promise<void> {
    if (rows.length === 0) return;
    await this.db.batchInsert(
      table,
      rows.map((row) => this.owned(row)),
      ROWS_AT_ONCE,
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
    for (let i = 0; i < rows.length; i += ROWS_AT_ONCE) {
      await this.db(table)
        .insert(rows.slice(i, i + ROWS_AT_ONCE).map((row) => this.owned(row)))
        .onConflict(['household_id', ...key])
        .merge();
    }
  }

  /** Deletes the rows with these ids, and what hangs on them. */
  async dropAll(table: OwnedTable, ids: readonly string[]): Promise<void> {
    for (let i = 0; i < ids.length; i += ROWS_AT_ONCE)
      await this.rows(table)
        .whereIn('id', ids.slice(i, i + ROWS_AT_ONCE))
        .del();
  }

  /** Makes others that want to change the household wait until this transaction has ended. */
  async lock(): Promise<void> {
    await this.own().forUpdate().first('id');
  }

  /** The household's own row. */
  own(): Knex.QueryBuilder {
    return this.db('households').where({ id: this.household });
  }

  /** Counts every change of the household, so that what was read can be told from what has changed since. */
  async countChange(): Promise<void> {
    await this.own().increment('revision', 1);
    tell(this.household, { kind: 'plan' });
  }

  /** The number of the next thing that happens on a day, in one order for the household; only under its lock. */
  async nextSeq(): Promise<number> {
    await this.own().increment('day_seq', 1);
    const row: { day_seq: number } = await this.own().first('day_seq');
    return row.day_seq;
  }

  /** All or nothing. */
  transaction<T>(run: (scope: HouseholdScope) => Promise<T>): Promise<T> {
    return this.db.transaction((trx) => run(new HouseholdScope(trx, this.household)));
  }

  private owned(row: Row): Row {
    return { ...row, household_id: this.household };
  }
}
