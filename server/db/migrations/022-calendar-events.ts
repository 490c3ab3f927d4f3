import { create, type Migration, ownedByInBytes } from './tables';

/** Events that a calendar was given, so that what moves keeps its id and what is gone is called off. */
export const step022: Migration = {
  name: '022-calendar-events',
  up: async (db) => {
    await create(db, 'calendar_events', (table) => {
      ownedByInBytes(table);
      table.text('value', 'mediumtext').notNullable();
    });
  },
};
