import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { juniperRow } from '../../demo/juniper-row';
import { changeHousehold } from '../commands/change';
import { insertHousehold } from '../repositories/household';
import { newHousehold, testDatabase } from '../testing/households';
import { keptHousehold } from './kept';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

describe('keptHousehold', () => {
  it('reads once, and knows what a change has led to', async () => {
    const scope = await newHousehold(db);
    await insertHousehold(scope, juniperRow('2027-03-01'));
    const first = await keptHousehold(scope);
    expect(await keptHousehold(scope)).toBe(first);
    await changeHousehold(scope, 'gone', { do: 'drop-room', id: 'loft' }, () => 'Loft removed');
    const second = await keptHousehold(scope);
    expect(second.revision).toBe(first.revision + 1);
    expect(second.tasks.some((task) => task.room.id === 'loft')).toBe(false);
    expect(second.basis).not.toBe(first.basis);
  });

  it('keeps households apart', async () => {
    const [one, two] = [await newHousehold(db, 'One'), await newHousehold(db, 'Two')];
    expect([(await keptHousehold(one)).household.name, (await keptHousehold(two)).household.name]).toEqual([
      'One',
      'Two',
    ]);
  });
});
