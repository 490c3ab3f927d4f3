import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { juniperRow } from '../../../demo/juniper-row';
import { householdFile, insertHousehold, loadHousehold } from '../../repositories/household';
import { emptyDatabase, newHousehold, testDatabase } from '../../testing/households';
import { type HouseholdId, HouseholdScope } from '../scope';
import { MIGRATIONS, migrate, NewerDatabase } from './migrate';
import { HOUSEHOLD, OLD_ROWS } from './old-rows';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

const FIRST_RELEASED = 5;

/** A database as the version with so many steps left it: its tables, and rows as that version wrote them. */
async function leftBy(steps: number, old: Knex): Promise<void> {
  await old.schema.createTable('migrations', (table) => {
    table.string('name', 100).primary();
    table.timestamp('at').notNullable().defaultTo(old.fn.now());
  });
  for (const step of MIGRATIONS.slice(0, steps)) {
    await step.up(old);
    await old('migrations').insert({ name: step.name });
  }
  // Versions with fewer were never released.
  if (steps < FIRST_RELEASED) return;
  for (const { table, since = 1, until = MIGRATIONS.length, row } of OLD_ROWS) {
    if (steps < since || steps > until) continue;
    const columns = Object.keys(await old(table).columnInfo());
    const known = Object.entries(row).filter(([column]) => columns.includes(column));
    await old(table).insert(Object.fromEntries(known));
  }
}

describe('migrations', () => {
  it.each(MIGRATIONS.map((_step, i) => i + 1).filter((steps) => steps >= FIRST_RELEASED))(
    'bring what a version with %i steps left up to today, and it can be read',
    async (steps) => {
      const { db: old, drop } = await emptyDatabase(`after_${steps}`);
      try {
        await leftBy(steps, old);
        expect(await migrate(old)).toHaveLength(MIGRATIONS.length - steps);
        const scope = new HouseholdScope(old, HOUSEHOLD as HouseholdId);
        const file = await householdFile(scope);
        const [room] = file.home.floors[0]!.rooms;
        expect(room).toMatchObject({ id: 'bath', opensTo: [], ventilation: 'window' });
        expect(room?.stops[0]?.fixtures).toMatchObject([
          { id: 'basin', kind: 'basin', count: 2, leave: false },
        ]);
        expect(file.people).toMatchObject([{ id: 'mira', pace: 'usual', exceptions: [], busy: [] }]);
        expect(file.machines).toEqual([{ id: 'washer', kind: 'washer', from: '08:00', to: '20:00' }]);
        expect(file.clean).toMatchObject({ name: 'Spring', firstJob: 'dreaded', block: { kind: 'fixed' } });
        expect(file.weather).toEqual([{ date: '2027-03-04', dry: false }]);
        expect(file.ticks).toEqual([{ step: 'basin:basin-clean/scrub', at: '2027-03-02T09:00' }]);
      } finally {
        await drop();
      }
    },
  );

  it('are taken once, also on a database with data in it', async () => {
    const scope = await newHousehold(db);
    await insertHousehold(scope, juniperRow('2027-03-01'));
    const before = await loadHousehold(scope);
    expect(await migrate(db)).toEqual([]);
    expect(await loadHousehold(scope)).toEqual(before);
  });

  it.each(MIGRATIONS.map(({ name }, i) => [name, i] as const))(
    'are taken again where one was cut short after its last word: %s',
    async (_name, i) => {
      const { db: cut, drop } = await emptyDatabase(`cut_${i}`);
      try {
        await leftBy(i, cut);
        await MIGRATIONS[i]!.up(cut);
        expect(await migrate(cut)).toEqual(MIGRATIONS.slice(i).map(({ name }) => name));
      } finally {
        await drop();
      }
    },
  );

  it('refuse a database of a newer version and leave it alone', async () => {
    await db('migrations').insert({ name: '999-from-the-future' });
    await expect(migrate(db)).rejects.toThrow(NewerDatabase);
    await db('migrations').where({ name: '999-from-the-future' }).del();
    expect(await migrate(db)).toEqual([]);
  });

  it('keep every table in a household, but the list of households and what counts strangers at the door', async () => {
    const rows: { name: string; owned: number }[] = await db('information_schema.columns')
      .where({ table_schema: db.client.database() })
      .whereNotIn('table_name', ['households', 'migrations', 'throttles', 'passkey_questions'])
      .groupBy('table_name')
      .select({ name: 'table_name' }, db.raw("SUM(column_name = 'household_id') AS owned"));
    expect(rows.length).toBeGreaterThan(9);
    expect(rows.filter((row) => Number(row.owned) !== 1)).toEqual([]);
  });

  it('compare text as bytes in every column', async () => {
    const rows: { name: string; column: string; collation: string }[] = await db('information_schema.columns')
      .where({ table_schema: db.client.database() })
      .whereNotNull('collation_name')
      .whereNot({ collation_name: 'utf8mb4_nopad_bin' })
      .select({ name: 'table_name', column: 'column_name', collation: 'collation_name' });
    expect(rows).toEqual([]);
  });
});
