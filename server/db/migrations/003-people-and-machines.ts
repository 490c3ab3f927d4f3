import { create, type Migration, ownedBy } from './tables';

export const step003: Migration = {
  name: '003-people-and-machines',
  up: async (db) => {
    await create(db, 'members', (table) => {
      ownedBy(table);
      table.string('name', 80).notNullable();
      table.json('hours').notNullable();
      table.integer('daily_cap').notNullable();
      table.json('cannot').notNullable();
      table.json('dislikes').notNullable();
      table.integer('break_after').notNullable();
      table.integer('break_length').notNullable();
      table.integer('position').notNullable();
    });
    await create(db, 'machines', (table) => {
      ownedBy(table);
      table.string('kind', 20).notNullable();
      table.string('runs_from', 5);
      table.string('runs_to', 5);
      table.integer('position').notNullable();
    });
    await create(db, 'weather', (table) => {
      ownedBy(table, 'date');
      table.boolean('dry').notNullable();
    });
  },
};
