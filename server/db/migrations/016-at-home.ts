import { addColumns, type Migration } from './tables';

/** When people are at home besides when they work. */
export const step016: Migration = {
  name: '016-at-home',
  up: async (db) => {
    await addColumns(db, 'members', 'at_home', (table) => {
      table.string('at_home', 20).nullable();
    });
  },
};
