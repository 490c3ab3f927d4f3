import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { newHousehold, testDatabase } from '../testing/households';
import type { HouseholdScope } from './scope';

let db: Knex;
let scope: HouseholdScope;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
});

type Part = { id: string; share: number };
const shares = async () => {
  const rows: Part[] = await scope.rows('parts').orderBy('id').select('id', 'share');
  return rows.map(({ id, share }) => [id, share]);
};
const answers = () => scope.rows('commands').orderBy('id').pluck('answer');

describe('writes that are sent together', () => {
  it('are carried out in their order, whatever stands in them', async () => {
    const odd = `? ?? :name; END -- 'it''s' "\\" /* \u202e */ %s ; BEGIN`;
    await scope.transaction((inside) =>
      inside.together([
        ...inside.inserting('parts', [{ id: 'a', share: 10 }]),
        ...inside.putting('parts', [{ id: 'a', share: 20 }], ['id']),
        ...inside.inserting('commands', [{ id: odd, answer: odd }]),
        inside.rows('parts').where({ id: 'a' }).update({ share: 30 }),
      ]),
    );
    expect(await shares()).toEqual([['a', 30]]);
    expect(await answers()).toEqual([odd]);
    expect(await scope.rows('commands').pluck('id')).toEqual([odd]);
  });

  it('are as many as are wanted', async () => {
    const rows = Array.from({ length: 450 }, (_, i) => ({ id: `step-${1000 + i}`, share: i % 100 }));
    await scope.transaction((inside) => inside.together(inside.inserting('parts', rows)));
    expect(await shares()).toEqual(rows.map(({ id, share }) => [id, share]));
    await scope.together([]);
  });

  it('are all undone where one of them fails', async () => {
    const writing = scope.transaction((inside) =>
      inside.together([
        ...inside.inserting('parts', [{ id: 'a', share: 10 }]),
        ...inside.inserting('commands', [{ id: 'x', answer: '1' }]),
        ...inside.inserting('commands', [{ id: 'x', answer: '2' }]),
      ]),
    );
    await expect(writing).rejects.toThrow('Duplicate');
    expect(await shares()).toEqual([]);
    expect(await answers()).toEqual([]);
  });

  it('reach nobody else', async () => {
    const other = await newHousehold(db);
    await other.insert('parts', [{ id: 'a', share: 1 }]);
    await scope.transaction((inside) =>
      inside.together([
        ...inside.putting('parts', [{ id: 'a', share: 50 }], ['id']),
        inside.rows('parts').update({ share: 60 }),
      ]),
    );
    expect(await other.rows('parts').pluck('share')).toEqual([1]);
    expect(await shares()).toEqual([['a', 60]]);
  });
});
