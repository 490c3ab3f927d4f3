import { addColumns, type Migration } from './tables';

export const step005: Migration = {
  name: '005-revision',
  up: async (db) => {
    await addColumns(db, 'households', 'revision', (table) => {
      table.bigInteger('revision').unsigned().notNullable().defaultTo(0);
    });
  },
};
