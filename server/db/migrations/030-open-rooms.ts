import type { Migration } from './tables';

/** How many rooms may stand open goes with what the work goes by; what every clean had until now nobody had chosen. */
export const step030: Migration = {
  name: '030-open-rooms',
  up: async (db) => {
    await db.schema.alterTable('cleans', (table) => {
      table.integer('open_rooms').nullable().alter();
    });
    await db('cleans').update({ open_rooms: null });
  },
};
