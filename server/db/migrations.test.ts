import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { insertHousehold, loadHousehold } from '../repositories/household';
import { newHousehold, testDatabase } from '../testing/households';
import { MIGRATIONS, migrate, NewerDatabase } from './migrations';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

describe('migrations', () => {
  it('are taken once, also on a database with data in it', async () => {
    const scope = await newHousehold(db);
    await insertHousehold(scope, juniperRow('2027-03-01'));
    const before = await loadHousehold(scope);
    expect(await migrate(db)).toEqual([]);
    expect(await loadHousehold(scope)).toEqual(before);
  });

  it('are taken again after one was cut short half-way', async () => {
    const names = MIGRATIONS.map((migration) => migration.name);
    await db('migrations').whereIn('name', names).del();
    await db.schema.dropTable('ticks');
    expect(await migrate(db)).toEqual(names);
    expect(await db.schema.hasTable('ticks')).toBe(true);
  });

  it('refuse a database of a newer version and leave it alone', async () => {
    await db('migrations').insert({ name: '999-from-the-future' });
    await expect(migrate(db)).rejects.toThrow(NewerDatabase);
    await db('migrations').where({ name: '999-from-the-future' }).del();
    expect(await migrate(db)).toEqual([]);
  });

  it('keep every table but the list of households in a household', async () => {
    const rows: { name: string; owned: number }[] = await db('information_schema.columns')
      .where({ table_schema: db.client.database() })
      .whereNotIn('table_name', ['households', 'migrations'])
      .groupBy('table_name')
      .select({ name: 'table_name' }, db.raw("SUM(column_name = 'household_id') AS owned"));
    expect(rows.length).toBeGreaterThan(9);
    expect(rows.filter((row) => Number(row.owned) !== 1)).toEqual([]);
  });
});
