import type { Knex } from 'knex';
import type { Migration } from './tables';

/** Two ids that differ in case, in an accent or in a trailing blank are two. */
const BYTES = 'utf8mb4_nopad_bin';

/** Wide enough for every id that a file may bring. */
const WIDE = { person: 200, step: 400 } as const;

/** Tables whose rows belong to a household, and the column by which they belong to something else of it. */
const OWNED: readonly (readonly [table: string, column?: string, target?: string])[] = [
  ['accounts'],
  ['floors'],
  ['rooms', 'floor_id', 'floors'],
  ['stops', 'room_id', 'rooms'],
  ['fixtures', 'stop_id', 'stops'],
  ['members'],
  ['machines'],
  ['cleans'],
  ['plans', 'clean_id', 'cleans'],
  ['ticks', 'clean_id', 'cleans'],
  ['settings'],
  ['marks'],
  ['methods'],
  ['edits'],
  ['replaced'],
  ['feeds'],
  ['parts'],
  ['day_events'],
  ['helpers'],
];

/**
 * Ids compare as bytes, in every table; columns hold all that the limits of a household allow; rooms of before step 006
 * open to nowhere, in a form that can be read.
 */
export const step013: Migration = {
  name: '013-ids-as-bytes',
  up: async (db) => {
    await db('rooms').where({ opens_to: '' }).update({ opens_to: '[]' });
    await widen(db);
    // A column that a key points from or to can't be converted: the keys go, and come back with the next words.
    for (const { table, key } of await keysOf(db))
      await db.raw('ALTER TABLE ?? DROP FOREIGN KEY ??', [table, key]);
    for (const table of await tablesToConvert(db))
      await db.raw(`ALTER TABLE ?? CONVERT TO CHARACTER SET utf8mb4 COLLATE ${BYTES}`, [table]);
    await addKeys(db);
  },
};

async function widen(db: Knex): Promise<void> {
  await db.schema.alterTable('ticks', (table) => {
    table.string('step', WIDE.step).notNullable().alter();
    table.string('person', WIDE.person).nullable().alter();
  });
  await db.schema.alterTable('day_events', (table) => {
    table.string('person', WIDE.person).nullable().alter();
  });
}

async function keysOf(db: Knex): Promise<{ table: string; key: string }[]> {
  return db('information_schema.referential_constraints')
    .where({ constraint_schema: db.client.database() })
    .select({ table: 'table_name', key: 'constraint_name' });
}

async function tablesToConvert(db: Knex): Promise<string[]> {
  const rows: { name: string }[] = await db('information_schema.tables')
    .where({ table_schema: db.client.database() })
    .whereNot({ table_collation: BYTES })
    .select({ name: 'table_name' });
  return rows.map(({ name }) => name);
}

async function addKeys(db: Knex): Promise<void> {
  for (const [name, column, target] of OWNED)
    await db.schema.alterTable(name, (table) => {
      // Nothing of a table that other columns of the same key lead to has a key of its own.
      if (name !== 'ticks') table.foreign('household_id').references('households.id').onDelete('CASCADE');
      if (column && target)
        table
          .foreign(['household_id', column])
          .references(['household_id', 'id'])
          .inTable(target)
          .onDelete('CASCADE');
    });
}
