import { addColumns, type Migration } from './tables';

/** When a household goes for good, where somebody has asked for it. */
export const step026: Migration = {
  name: '026-leaving',
  up: async (db) => {
    await addColumns(db, 'households', 'goes_s', (table) => {
      // Seconds since 1970.
      table.bigInteger('goes_s');
      table.index(['goes_s']);
    });
  },
};
