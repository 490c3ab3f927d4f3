import { create, ID, type Migration, ownedBy } from './tables';

export const step001: Migration = {
  name: '001-households-and-accounts',
  up: async (db) => {
    await create(db, 'households', (table) => {
      table.string('id', ID).primary();
      table.string('name', 80).notNullable();
      table.string('timezone', 64).notNullable();
      table.boolean('is_demo').notNullable().defaultTo(false);
      table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
    });
    await create(db, 'accounts', (table) => {
      ownedBy(table);
      table.string('email', 190).notNullable().unique();
      table.string('passphrase_hash', 255).notNullable();
      table.timestamp('created_at').notNullable().defaultTo(db.fn.now());
    });
  },
};
