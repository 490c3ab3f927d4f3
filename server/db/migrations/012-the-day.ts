import { addColumns, create, ID, type Migration, ownedBy } from './tables';

export const step012: Migration = {
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
};
