import { addColumns, type Migration } from './tables';

/** How long a sweep through a room takes, and how many bags. */
export const step018: Migration = {
  name: '018-sweeps',
  up: async (db) => {
    await addColumns(db, 'cleans', 'sweep', (table) => {
      table.text('sweep').nullable();
    });
  },
};
