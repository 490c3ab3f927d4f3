import { create, type Migration, ownedBy, pointsAt } from './tables';

export const step002: Migration = {
  name: '002-home',
  up: async (db) => {
    await create(db, 'floors', (table) => {
      ownedBy(table);
      table.string('name', 80).notNullable();
      table.integer('position').notNullable();
    });
    await create(db, 'rooms', (table) => {
      ownedBy(table);
      pointsAt(table, 'floor_id', 'floors');
      table.string('name', 80).notNullable();
      table.string('kind', 20).notNullable();
      table.double('length_m').notNullable();
      table.double('width_m').notNullable();
      table.double('height_m').notNullable();
      table.integer('position').notNullable();
    });
    await create(db, 'stops', (table) => {
      ownedBy(table);
      pointsAt(table, 'room_id', 'rooms');
      table.string('name', 80).notNullable();
      table.boolean('shell').notNullable();
      table.integer('position').notNullable();
    });
    await create(db, 'fixtures', (table) => {
      ownedBy(table);
      pointsAt(table, 'stop_id', 'stops');
      table.string('kind', 60).notNullable();
      table.string('height', 10).notNullable();
      table.integer('count').notNullable();
      table.json('size').notNullable();
      table.string('surface', 60);
      table.string('soil', 10).notNullable();
      table.string('fullness', 10).notNullable();
      table.boolean('leave_it').notNullable();
      table.integer('position').notNullable();
    });
  },
};
