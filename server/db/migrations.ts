import type { Knex } from 'knex';
import { groupBy } from '../../core/lists/group-by';

/**
 * The tables, step by step. Every row belongs to a household: the household is part of each primary key and of each
 * foreign key, so that the database itself keeps one household's rows from pointing at another's.
 */

type Migration = { readonly name: string; readonly up: (db: Knex) => Promise<void> };

const ID = 64;

function ownedBy(table: Knex.CreateTableBuilder, id = 'id', length = id === 'id' ? 200 : ID): void {
  table.string('household_id', ID).notNullable();
  table.string(id, length).notNullable();
  table.primary(['household_id', id]);
  table.foreign('household_id').references('households.id').onDelete('CASCADE');
}

function pointsAt(table: Knex.CreateTableBuilder, column: string, target: string): void {
  table.string(column, 200).notNullable();
  table
    .foreign(['household_id', column])
    .references(['household_id', 'id'])
    .inTable(target)
    .onDelete('CASCADE');
}

/** A step that was cut short by a power cut is taken again: the tables that it made are left as they are. */
async function create(
  db: Knex,
  name: string,
  build: (table: Knex.CreateTableBuilder) => void,
): Promise<void> {
  if (!(await db.schema.hasTable(name))) await db.schema.createTable(name, build);
}

/** The same for columns: they are there all or none, and `first` tells which. */
async function addColumns(
  db: Knex,
  table: string,
  first: string,
  add: (table: Knex.AlterTableBuilder) => void,
): Promise<void> {
  if (!(await db.schema.hasColumn(table, first))) await db.schema.alterTable(table, add);
}

export const MIGRATIONS: readonly Migration[] = [
  {
    name: '001-households-and-accounts',
    up: async (db) => {
      await create(db, 'households', (table) => {
        table.string('id', ID).primary();
        table.string('name', 80).notNullable();
        table.string('timezone', 64).notNullable();
        table.boolean('is_demo').notNullable().defaultTo(false);
        table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
      });
      await create(db, 'accounts', (table) => {
        ownedBy(table);
        table.string('email', 190).notNullable().unique();
        table.string('passphrase_hash', 255).notNullable();
        table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
      });
    },
  },
  {
    name: '002-home',
    up: async (db) => {
      await create(db, 'floors', (table) => {
        ownedBy(table);
        table.string('name', 80).notNullable();
        table.integer('position').notNullable();
      });
      await create(db, 'rooms', (table) => {
        ownedBy(table);
        pointsAt(table, 'floor_id', 'floors');
        table.string('name', 80).notNullable();
        table.string('kind', 20).notNullable();
        table.double('length_m').notNullable();
        table.double('width_m').notNullable();
        table.double('height_m').notNullable();
        table.integer('position').notNullable();
      });
      await create(db, 'stops', (table) => {
        ownedBy(table);
        pointsAt(table, 'room_id', 'rooms');
        table.string('name', 80).notNullable();
        table.boolean('shell').notNullable();
        table.integer('position').notNullable();
      });
      await create(db, 'fixtures', (table) => {
        ownedBy(table);
        pointsAt(table, 'stop_id', 'stops');
        table.string('kind', 60).notNullable();
        table.string('height', 10).notNullable();
        table.integer('count').notNullable();
        table.json('size').notNullable();
        table.string('surface', 60);
        table.string('soil', 10).notNullable();
        table.string('fullness', 10).notNullable();
        table.boolean('leave_it').notNullable();
        table.integer('position').notNullable();
      });
    },
  },
  {
    name: '003-people-and-machines',
    up: async (db) => {
      await create(db, 'members', (table) => {
        ownedBy(table);
        table.string('name', 80).notNullable();
        table.json('hours').notNullable();
        table.integer('daily_cap').notNullable();
        table.json('cannot').notNullable();
        table.json('dislikes').notNullable();
        table.integer('break_after').notNullable();
        table.integer('break_length').notNullable();
        table.integer('position').notNullable();
      });
      await create(db, 'machines', (table) => {
        ownedBy(table);
        table.string('kind', 20).notNullable();
        table.string('runs_from', 5);
        table.string('runs_to', 5);
        table.integer('position').notNullable();
      });
      await create(db, 'weather', (table) => {
        ownedBy(table, 'date');
        table.boolean('dry').notNullable();
      });
    },
  },
  {
    name: '004-cleans-plans-and-ticks',
    up: async (db) => {
      await create(db, 'cleans', (table) => {
        ownedBy(table);
        table.string('name', 80).notNullable();
        table.string('reason', 300).notNullable();
        table.string('reward', 200).notNullable();
        table.date('start').notNullable();
        table.date('finish').notNullable();
        table.string('spread', 10).notNullable();
        table.string('grouping', 10).notNullable();
        table.boolean('hardest_first').notNullable();
        table.integer('open_rooms').notNullable();
        table.json('reserve').notNullable();
        table.integer('session_cap').notNullable();
        table.string('products', 20).notNullable();
      });
      await create(db, 'plans', (table) => {
        ownedBy(table);
        pointsAt(table, 'clean_id', 'cleans');
        table.integer('version').notNullable();
        table.string('basis', 64).notNullable();
        table.text('document', 'longtext').notNullable();
        table.string('made_at', 16).notNullable();
        table.unique(['household_id', 'clean_id', 'version']);
      });
      await create(db, 'ticks', (table) => {
        table.string('household_id', ID).notNullable();
        table.string('clean_id', 200).notNullable();
        table.string('step', 300).notNullable();
        table.string('at', 16).notNullable();
        table.primary(['household_id', 'clean_id', 'step']);
        table
          .foreign(['household_id', 'clean_id'])
          .references(['household_id', 'id'])
          .inTable('cleans')
          .onDelete('CASCADE');
      });
    },
  },
  {
    name: '005-revision',
    up: async (db) => {
      await addColumns(db, 'households', 'revision', (table) => {
        table.bigInteger('revision').unsigned().notNullable().defaultTo(0);
      });
    },
  },
  {
    name: '006-facts-scope-and-catalogue',
    up: async (db) => {
      await addColumns(db, 'rooms', 'ventilation', (table) => {
        table.string('ventilation', 10).notNullable().defaultTo('window');
        table.text('opens_to').notNullable().defaultTo('[]');
      });
      await addColumns(db, 'fixtures', 'last_done', (table) => {
        table.date('last_done');
        table.string('mend', 300);
      });
      await addColumns(db, 'members', 'pace', (table) => {
        table.string('pace', 12).notNullable().defaultTo('usual');
      });
      await addColumns(db, 'cleans', 'belongings', (table) => {
        table.string('belongings', 10).notNullable().defaultTo('stop');
        table.string('estimates', 10).notNullable().defaultTo('rates');
      });
      await create(db, 'settings', (table) => {
        ownedBy(table);
        table.text('value').notNullable();
      });
      await create(db, 'marks', (table) => {
        ownedBy(table, 'id', 400);
        table.text('value').notNullable();
      });
      await create(db, 'methods', (table) => {
        ownedBy(table);
        table.text('value', 'mediumtext').notNullable();
        table.integer('position').notNullable();
      });
    },
  },
  {
    name: '007-edits',
    up: async (db) => {
      await create(db, 'edits', (table) => {
        ownedBy(table);
        table.integer('position').notNullable();
        table.string('words', 200).notNullable();
        table.text('changes', 'longtext').notNullable();
        table.boolean('undone').notNullable();
        table.index(['household_id', 'position']);
      });
      await create(db, 'replaced', (table) => {
        ownedBy(table);
        table.text('document', 'longtext').notNullable();
      });
    },
  },
  {
    name: '008-ages',
    up: async (db) => {
      await addColumns(db, 'members', 'age', (table) => {
        table.integer('age').nullable();
      });
      // Rules, supplies and calls are settings too, and may be long.
      await db.schema.alterTable('settings', (table) => {
        table.text('value', 'mediumtext').notNullable().alter();
      });
    },
  },
  {
    name: '009-uses',
    up: async (db) => {
      await addColumns(db, 'ticks', 'used', (table) => {
        table.text('used').nullable();
      });
    },
  },
  {
    name: '010-exceptions-busy-times-and-feeds',
    up: async (db) => {
      await addColumns(db, 'members', 'exceptions', (table) => {
        table.text('exceptions', 'mediumtext').nullable();
        table.text('busy', 'mediumtext').nullable();
      });
      await create(db, 'feeds', (table) => {
        ownedBy(table);
        table.string('token_hash', 64).notNullable().unique();
      });
    },
  },
  {
    name: '011-first-jobs-blocks-and-weather',
    up: async (db) => {
      await addColumns(db, 'cleans', 'first_job', (table) => {
        table.string('first_job', 10).notNullable().defaultTo('any');
        table.text('block').nullable();
      });
      await db('cleans').update({ block: JSON.stringify({ kind: 'fixed' }) });
      if (await db.schema.hasColumn('cleans', 'hardest_first')) {
        await db('cleans').where({ hardest_first: true }).update({ first_job: 'dreaded' });
        await db.schema.alterTable('cleans', (table) => table.dropColumn('hardest_first'));
      }
      if (await db.schema.hasTable('weather')) {
        await weatherToSettings(db);
        await db.schema.dropTable('weather');
      }
    },
  },
  {
    name: '012-the-day',
    up: async (db) => {
      await addColumns(db, 'households', 'day_seq', (table) => {
        table.integer('day_seq').notNullable().defaultTo(0);
      });
      await addColumns(db, 'ticks', 'seconds', (table) => {
        table.integer('seconds').nullable();
        table.string('person', ID).nullable();
      });
      await create(db, 'parts', (table) => {
        ownedBy(table, 'id', 400);
        table.integer('share').notNullable();
      });
      await create(db, 'day_events', (table) => {
        ownedBy(table);
        table.integer('seq').notNullable();
        table.date('date').notNullable();
        table.string('at', 19).notNullable();
        table.string('person', ID).nullable();
        table.string('kind', 20).notNullable();
        table.string('step', 400).nullable();
        table.text('act').notNullable();
        table.string('verdict', 20).notNullable();
        table.text('answer').notNullable();
        table.index(['household_id', 'step']);
        table.index(['household_id', 'seq']);
        table.index(['household_id', 'date']);
      });
      await create(db, 'helpers', (table) => {
        ownedBy(table);
        table.string('token_hash', 64).notNullable().unique();
      });
    },
  },
];

/** What is said of the weather is a setting like others that can be taken back. */
async function weatherToSettings(db: Knex): Promise<void> {
  const rows: { household_id: string; date: string; dry: number }[] = await db('weather')
    .orderBy('date')
    .select('household_id', 'date', 'dry');
  for (const [household, days] of groupBy(rows, (row) => row.household_id)) {
    const value = JSON.stringify(days.map(({ date, dry }) => ({ date, dry: dry === 1 })));
    await db('settings').insert({ household_id: household, id: 'weather', value }).onConflict().ignore();
  }
}

/** A database that knows migrations which this version does not. */
export class NewerDatabase extends Error {}

/** Brings the tables up to date; returns the names of the steps that were taken. Throws `NewerDatabase`. */
export async function migrate(db: Knex): Promise<string[]> {
  await create(db, 'migrations', (table) => {
    table.string('name', 100).primary();
    table.timestamp('at').notNullable().defaultTo(db.fn.now());
  });
  const taken = new Set((await db('migrations').select('name')).map((row: { name: string }) => row.name));
  const unknown = [...taken].filter((name) => !MIGRATIONS.some((migration) => migration.name === name));
  if (unknown.length > 0) throw new NewerDatabase(unknown.join(', '));
  const open = MIGRATIONS.filter((migration) => !taken.has(migration.name));
  for (const migration of open) {
    await migration.up(db);
    await db('migrations').insert({ name: migration.name });
  }
  return open.map((migration) => migration.name);
}
