import { addColumns, type Migration } from './tables';

export const step008: Migration = {
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
};
