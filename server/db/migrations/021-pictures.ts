import { create, type Migration, ownedByInBytes } from './tables';

/** Pictures before and after, made small where they were taken. */
export const step021: Migration = {
  name: '021-pictures',
  up: async (db) => {
    await create(db, 'pictures', (table) => {
      ownedByInBytes(table);
      table.string('at', 16).notNullable();
      table.string('room', 200).notNullable();
      table.string('clean_id', 200).nullable();
      table.text('value').notNullable();
      table.specificType('jpeg', 'mediumblob').notNullable();
      table.index(['household_id', 'at']);
    });
  },
};
