import { addColumns, create, type Migration, ownedBy } from './tables';

export const step010: Migration = {
  name: '010-exceptions-busy-times-and-feeds',
  up: async (db) => {
    await addColumns(db, 'members', 'exceptions', (table) => {
      table.text('exceptions', 'mediumtext').nullable();
      table.text('busy', 'mediumtext').nullable();
    });
    await create(db, 'feeds', (table) => {
      ownedBy(table);
      table.string('token_hash', 64).notNullable().unique();
    });
  },
};
