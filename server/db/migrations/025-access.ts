import { create, ID, type Migration } from './tables';

/** Ways back in, what happened at the door, and how often somebody may knock. */
export const step025: Migration = {
  name: '025-access',
  up: async (db) => {
    // An email may belong to several households; that it does is told to nobody who signs up.
    await db.raw('ALTER TABLE accounts DROP INDEX IF EXISTS accounts_email_unique');
    await db.raw('ALTER TABLE accounts ADD INDEX IF NOT EXISTS accounts_email_index (email)');
    await create(db, 'recovery_codes', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('household_id', ID).notNullable();
      table.string('account_id', 200).notNullable();
      table.string('code_hash', 64).notNullable();
      table.primary(['household_id', 'account_id', 'code_hash']);
      table
        .foreign(['household_id', 'account_id'])
        .references(['household_id', 'id'])
        .inTable('accounts')
        .onDelete('CASCADE');
    });
    await create(db, 'access_log', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.bigIncrements('position');
      table.string('household_id', ID).notNullable();
      table.foreign('household_id').references('households.id').onDelete('CASCADE');
      table.string('account_id', 200);
      table.string('what', 40).notNullable();
      table.string('device', 120).notNullable();
      table.bigInteger('at_s').notNullable();
      table.index(['household_id', 'position']);
    });
    // As the limiter reads and writes it.
    await create(db, 'throttles', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('key', 255).primary();
      table.integer('points').notNullable().defaultTo(0);
      table.bigInteger('expire').unsigned();
    });
  },
};
