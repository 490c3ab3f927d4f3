import { addColumns, type Migration } from './tables';

/** What a household cares about most in its plan. */
export const step015: Migration = {
  name: '015-what-matters',
  up: async (db) => {
    await addColumns(db, 'cleans', 'matters', (table) => {
      table.string('matters', 20).notNullable().defaultTo('usual');
    });
  },
};
