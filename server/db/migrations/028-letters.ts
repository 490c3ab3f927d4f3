import { addColumns, type Migration } from './tables';

/** Codes that come by mail or from whoever runs the server are good for a while only. */
export const step028: Migration = {
  name: '028-letters',
  up: async (db) => {
    await addColumns(db, 'recovery_codes', 'until_s', (table) => {
      // Seconds since 1970; none: until it is used.
      table.bigInteger('until_s');
    });
  },
};
