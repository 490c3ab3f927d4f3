import { create, ID, type Migration, ownedBy, pointsAt } from './tables';

export const step004: Migration = {
  name: '004-cleans-plans-and-ticks',
  up: async (db) => {
    await create(db, 'cleans', (table) => {
      ownedBy(table);
      table.string('name', 80).notNullable();
      table.string('reason', 300).notNullable();
      table.string('reward', 200).notNullable();
      table.date('start').notNullable();
      table.date('finish').notNullable();
      table.string('spread', 10).notNullable();
      table.string('grouping', 10).notNullable();
      table.boolean('hardest_first').notNullable();
      table.integer('open_rooms').notNullable();
      table.json('reserve').notNullable();
      table.integer('session_cap').notNullable();
      table.string('products', 20).notNullable();
    });
    await create(db, 'plans', (table) => {
      ownedBy(table);
      pointsAt(table, 'clean_id', 'cleans');
      table.integer('version').notNullable();
      table.string('basis', 64).notNullable();
      table.text('document', 'longtext').notNullable();
      table.string('made_at', 16).notNullable();
      table.unique(['household_id', 'clean_id', 'version']);
    });
    await create(db, 'ticks', (table) => {
      table.string('household_id', ID).notNullable();
      table.string('clean_id', 200).notNullable();
      table.string('step', 300).notNullable();
      table.string('at', 16).notNullable();
      table.primary(['household_id', 'clean_id', 'step']);
      table
        .foreign(['household_id', 'clean_id'])
        .references(['household_id', 'id'])
        .inTable('cleans')
        .onDelete('CASCADE');
    });
  },
};
