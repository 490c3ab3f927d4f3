import { addColumns, create, type Migration, ownedByInBytes } from './tables';

/** What each account is in its household, and the invitations that are out. */
export const step027: Migration = {
  name: '027-roles',
  up: async (db) => {
    // Whoever was there before keeps house.
    await addColumns(db, 'accounts', 'role', (table) => {
      table.string('role', 20).notNullable().defaultTo('keeper');
    });
    await create(db, 'invitations', (table) => {
      ownedByInBytes(table);
      table.string('token_hash', 64).notNullable().unique();
      table.string('role', 20).notNullable();
      // Seconds since 1970.
      table.bigInteger('until_s').notNullable();
    });
  },
};
