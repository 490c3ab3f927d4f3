import { addColumns, create, type Migration, ownedBy } from './tables';

export const step006: Migration = {
  name: '006-facts-scope-and-catalogue',
  up: async (db) => {
    await addColumns(db, 'rooms', 'ventilation', (table) => {
      table.string('ventilation', 10).notNullable().defaultTo('window');
      table.text('opens_to').notNullable().defaultTo('[]');
    });
    await addColumns(db, 'fixtures', 'last_done', (table) => {
      table.date('last_done');
      table.string('mend', 300);
    });
    await addColumns(db, 'members', 'pace', (table) => {
      table.string('pace', 12).notNullable().defaultTo('usual');
    });
    await addColumns(db, 'cleans', 'belongings', (table) => {
      table.string('belongings', 10).notNullable().defaultTo('stop');
      table.string('estimates', 10).notNullable().defaultTo('rates');
    });
    await create(db, 'settings', (table) => {
      ownedBy(table);
      table.text('value').notNullable();
    });
    await create(db, 'marks', (table) => {
      ownedBy(table, 'id', 400);
      table.text('value').notNullable();
    });
    await create(db, 'methods', (table) => {
      ownedBy(table);
      table.text('value', 'mediumtext').notNullable();
      table.integer('position').notNullable();
    });
  },
};
