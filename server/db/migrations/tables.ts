import type { Knex } from 'knex';

/**
 * How the steps make tables. Every row belongs to a household: the household is part of each primary key and of each
 * foreign key, so that the database itself keeps one household's rows from pointing at another's.
 */

export type Migration = { readonly name: string; readonly up: (db: Knex) => Promise<void> };

export const ID = 64;

export function ownedBy(table: Knex.CreateTableBuilder, id = 'id', length = id === 'id' ? 200 : ID): void {
  table.string('household_id', ID).notNullable();
  table.string(id, length).notNullable();
  table.primary(['household_id', id]);
  table.foreign('household_id').references('households.id').onDelete('CASCADE');
}

/** The same in a table that is made after ids came to compare as bytes. */
export function ownedByInBytes(table: Knex.CreateTableBuilder): void {
  table.charset('utf8mb4');
  table.collate('utf8mb4_nopad_bin');
  ownedBy(table);
}

export function pointsAt(table: Knex.CreateTableBuilder, column: string, target: string): void {
  table.string(column, 200).notNullable();
  table
    .foreign(['household_id', column])
    .references(['household_id', 'id'])
    .inTable(target)
    .onDelete('CASCADE');
}

/** A step that was cut short by a power cut is taken again: the tables that it made are left as they are. */
export async function create(
  db: Knex,
  name: string,
  build: (table: Knex.CreateTableBuilder) => void,
): Promise<void> {
  if (!(await db.schema.hasTable(name))) await db.schema.createTable(name, build);
}

/** The same for columns: they are there all or none, and `first` tells which. */
export async function addColumns(
  db: Knex,
  table: string,
  first: string,
  add: (table: Knex.AlterTableBuilder) => void,
): Promise<void> {
  if (!(await db.schema.hasColumn(table, first))) await db.schema.alterTable(table, add);
}
