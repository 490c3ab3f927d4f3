import { create, type Migration, ownedByInBytes } from './tables';

/** Where a person's calendar is read from, so that it is read again with one press. */
export const step023: Migration = {
  name: '023-busy-addresses',
  up: async (db) => {
    await create(db, 'busy_addresses', (table) => {
      ownedByInBytes(table);
      table.string('address', 2000).notNullable();
    });
  },
};
