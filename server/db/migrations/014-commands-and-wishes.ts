import { addColumns, create, type Migration } from './tables';

/**
 * Every change is a command whose answer is kept; a plan is a wish until it is made; an entry of the journal knows what
 * was said on a day that it belongs to.
 */
export const step014: Migration = {
  name: '014-commands-and-wishes',
  up: async (db) => {
    await create(db, 'commands', (table) => {
      table.charset('utf8mb4');
      table.collate('utf8mb4_nopad_bin');
      table.string('household_id', 64).notNullable();
      table.string('id', 200).notNullable();
      table.primary(['household_id', 'id']);
      table.foreign('household_id').references('households.id').onDelete('CASCADE');
      table.timestamp('at').notNullable().defaultTo(db.fn.now()).index();
      table.text('answer', 'mediumtext').notNullable();
    });
    await addColumns(db, 'households', 'plan_wanted', (table) => {
      table.integer('plan_wanted').notNullable().defaultTo(0);
      table.integer('plan_made').notNullable().defaultTo(0);
      table.string('plan_wish', 100).nullable();
      table.integer('edit_position').notNullable().defaultTo(0);
    });
    await addColumns(db, 'plans', 'wish', (table) => {
      table.integer('wish').nullable();
    });
    await addColumns(db, 'edits', 'event_id', (table) => {
      table.string('event_id', 200).nullable();
    });
    await db.raw(
      `UPDATE households SET edit_position =
         COALESCE((SELECT MAX(position) FROM edits WHERE edits.household_id = households.id), 0)`,
    );
  },
};
