import { addColumns, create, type Migration, ownedByInBytes } from './tables';

/** What was done stays, whatever becomes of the room, the thing or the clean; cleans that are behind; when one was closed. */
export const step020: Migration = {
  name: '020-the-record',
  up: async (db) => {
    await create(db, 'record', (table) => {
      ownedByInBytes(table);
      table.string('at', 16).notNullable();
      table.string('clean_id', 200).nullable();
      table.string('step', 400).notNullable();
      table.string('fixture', 200).notNullable();
      table.string('method', 80).notNullable();
      table.boolean('counts').notNullable();
      table.text('value').notNullable();
      table.index(['household_id', 'at']);
      table.index(['household_id', 'step']);
      table.index(['household_id', 'fixture', 'method', 'at']);
    });
    await create(db, 'past_cleans', (table) => {
      ownedByInBytes(table);
      table.date('start').notNullable();
      table.text('value', 'mediumtext').notNullable();
    });
    await addColumns(db, 'cleans', 'closed', (table) => {
      table.date('closed').nullable();
    });
  },
};
