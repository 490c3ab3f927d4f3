import { create, ID, type Migration } from './tables';

/** Keys that a device keeps and that open the door without a passphrase, and the questions that they answer. */
export const step029: Migration = {
  name: '029-passkeys',
  up: async (db) => {
    await create(db, 'passkeys', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('household_id', ID).notNullable();
      // SHA-256 of the key's own id, in hex, by which it is found.
      table.string('id', 64).notNullable();
      table.string('account_id', 200).notNullable();
      table.text('credential').notNullable();
      table.bigInteger('counter').notNullable();
      table.string('device', 120).notNullable();
      table.bigInteger('made_s').notNullable();
      table.bigInteger('used_s');
      table.primary(['household_id', 'id']);
      table.unique(['id']);
      table
        .foreign(['household_id', 'account_id'])
        .references(['household_id', 'id'])
        .inTable('accounts')
        .onDelete('CASCADE');
    });
    await create(db, 'passkey_questions', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('question_hash', 64).primary();
      table.bigInteger('until_s').notNullable();
    });
  },
};
