import { create, type Migration, ownedBy } from './tables';

export const step007: Migration = {
  name: '007-edits',
  up: async (db) => {
    await create(db, 'edits', (table) => {
      ownedBy(table);
      table.integer('position').notNullable();
      table.string('words', 200).notNullable();
      table.text('changes', 'longtext').notNullable();
      table.boolean('undone').notNullable();
      table.index(['household_id', 'position']);
    });
    await create(db, 'replaced', (table) => {
      ownedBy(table);
      table.text('document', 'longtext').notNullable();
    });
  },
};
