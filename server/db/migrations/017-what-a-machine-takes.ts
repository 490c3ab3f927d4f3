import { addColumns, type Migration } from './tables';

/** How many kilograms a washing machine takes. */
export const step017: Migration = {
  name: '017-what-a-machine-takes',
  up: async (db) => {
    await addColumns(db, 'machines', 'takes_kg', (table) => {
      table.double('takes_kg').nullable();
    });
  },
};
