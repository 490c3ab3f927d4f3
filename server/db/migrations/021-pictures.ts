import { create, type Migration } from './tables';

/** Pictures before and after, made small where they were taken. */
export const step021: Migration = {
  name: '021-pictures',
  up: async (db) => {
    await create(db, 'pictures', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('household_id', 64).notNullable();
      table.string('id', 200).notNullable();
      table.primary(['household_id', 'id']);
      table.foreign('household_id').references('households.id').onDelete('CASCADE');
      table.string('at', 16).notNullable();
      table.string('room', 200).notNullable();
      table.string('clean_id', 200).nullable();
      table.text('value').notNullable();
      table.specificType('jpeg', 'mediumblob').notNullable();
      table.index(['household_id', 'at']);
    });
  },
};
