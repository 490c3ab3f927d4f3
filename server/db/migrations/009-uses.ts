import { addColumns, type Migration } from './tables';

export const step009: Migration = {
  name: '009-uses',
  up: async (db) => {
    await addColumns(db, 'ticks', 'used', (table) => {
      table.text('used').nullable();
    });
  },
};
