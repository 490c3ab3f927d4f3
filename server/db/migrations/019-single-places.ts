import { addColumns, type Migration } from './tables';

/** What the single cupboards, drawers and shelves of a fixture are called, and what is worn out at it. */
export const step019: Migration = {
  name: '019-single-places',
  up: async (db) => {
    await addColumns(db, 'fixtures', 'places', (table) => {
      table.text('places').nullable();
    });
    await addColumns(db, 'fixtures', 'needs', (table) => {
      table.string('needs', 60).nullable();
    });
  },
};
