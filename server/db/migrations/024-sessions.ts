import { create, ID, type Migration } from './tables';

/** Who is signed in where. A row is found by its token's hash, and ended by being taken away. */
export const step024: Migration = {
  name: '024-sessions',
  up: async (db) => {
    await create(db, 'sessions', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('token_hash', 64).primary();
      table.string('household_id', ID).notNullable();
      table.foreign('household_id').references('households.id').onDelete('CASCADE');
      /** None for a visitor of the demo. */
      table.string('account_id', 200);
      table.string('device', 120).notNullable();
      // Seconds since 1970: compared with the clock of the server, in no time zone.
      table.bigInteger('opened_s').notNullable();
      table.bigInteger('seen_s').notNullable();
      table.index(['household_id', 'account_id']);
    });
  },
};
