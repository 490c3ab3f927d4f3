import type { Knex } from 'knex';
import { groupBy } from '../../../core/basics/group-by';
import { addColumns, type Migration } from './tables';

export const step011: Migration = {
  name: '011-first-jobs-blocks-and-weather',
  up: async (db) => {
    await addColumns(db, 'cleans', 'first_job', (table) => {
      table.string('first_job', 10).notNullable().defaultTo('any');
      table.text('block').nullable();
    });
    await db('cleans').update({ block: JSON.stringify({ kind: 'fixed' }) });
    if (await db.schema.hasColumn('cleans', 'hardest_first')) {
      await db('cleans').where({ hardest_first: true }).update({ first_job: 'dreaded' });
      await db.schema.alterTable('cleans', (table) => table.dropColumn('hardest_first'));
    }
    if (await db.schema.hasTable('weather')) {
      await weatherToSettings(db);
      await db.schema.dropTable('weather');
    }
  },
};

/** What is said of the weather is a setting like others that can be taken back. */
async function weatherToSettings(db: Knex): Promise<void> {
  const rows: { household_id: string; date: string; dry: number }[] = await db('weather')
    .orderBy('date')
    .select('household_id', 'date', 'dry');
  for (const [household, days] of groupBy(rows, (row) => row.household_id)) {
    const value = JSON.stringify(days.map(({ date, dry }) => ({ date, dry: dry === 1 })));
    await db('settings').insert({ household_id: household, id: 'weather', value }).onConflict().ignore();
  }
}
