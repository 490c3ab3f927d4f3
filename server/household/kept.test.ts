import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CATALOGUE } from '../../core/catalogue/catalogue';
import { orderedWork } from '../../core/problem/expand';
import { usedAt } from '../../core/work/uses';
import { DOZEN_HOMES } from '../../demo/dozen-homes';
import { juniperRow } from '../../demo/juniper-row';
import { changeHousehold } from '../commands/change';
import { type HouseholdId, HouseholdScope } from '../db/scope';
import { insertHousehold } from '../repositories/household';
import { newHousehold, testDatabase } from '../testing/households';
import { basisOf } from './basis';
import { Kept, keep, keptHousehold, keptIds } from './kept';

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

  it.each([juniperRow('2027-03-01'), ...DOZEN_HOMES].map((home) => [home.name, home] as const))(
    'rests a plan on the same problem as the file of the household: %s',
    async (_name, home) => {
      const scope = await newHousehold(db);
      await insertHousehold(scope, home);
      const { basis } = await keptHousehold(scope);
      expect(basis).toBe(basisOf(home, orderedWork(home, CATALOGUE)));
    },
  );

  it('lets go of those that nobody has looked at for longest', async () => {
    const scope = await newHousehold(db);
    await insertHousehold(scope, juniperRow('2027-03-01'));
    const one = await keptHousehold(scope);
    const scopes = Array.from({ length: 200 }, () => new HouseholdScope(db, randomUUID() as HouseholdId));
    for (const each of scopes) keep(each, one);
    const kept = keptIds();
    expect(kept.length * one.things).toBeLessThanOrEqual(15_000);
    expect(kept.length).toBeGreaterThan(60);
    expect(kept.slice(-20)).toEqual(scopes.slice(-20).map(({ household }) => household));
    expect(await keptHousehold(scope)).not.toBe(one);
  });

  it.each([juniperRow('2027-03-01'), ...DOZEN_HOMES].map((home) => [home.name, home] as const))(
    'keeps the tasks of a day on which one after the other is begun, as if they were read anew: %s',
    async (_name, home) => {
      const scope = await newHousehold(db);
      await insertHousehold(scope, home);
      let known = await keptHousehold(scope);
      const withProducts = known.tasks.flatMap((task) => {
        const used = task.method.steps.map(({ key }) => ({
          step: `${task.id}/${key}`,
          used: usedAt(task, key),
        }));
        return used.filter((one) => one.used).slice(0, 1);
      });
      const seldom = Math.max(1, Math.floor(withProducts.length / 6));
      let [ticks, same] = [[...home.ticks], 0];
      for (const [i, { step, used }] of withProducts.filter((_one, at) => at % seldom === 0).entries()) {
        ticks = [
          ...ticks,
          { step, at: `${home.clean?.start ?? '2027-03-01'}T${10 + (i % 10)}:00`, ...(used && { used }) },
        ];
        const after = known.ticked({ revision: known.revision, daySeq: i + 1 }, ticks, []);
        if (after.tasks === known.tasks) same++;
        const anew = new Kept(after.versions, after.household, after.edits, after.plans);
        expect(after.tasks).toEqual(anew.tasks);
        expect(after.listed).toEqual(anew.listed);
        expect(after.order).toEqual(anew.order);
        expect(after.basis).toBe(anew.basis);
        known = after;
      }
      if (withProducts.length > 0) expect(same).toBeGreaterThan(0);
    },
  );

  it('keeps households apart', async () => {
    const [one, two] = [await newHousehold(db, 'One'), await newHousehold(db, 'Two')];
    expect([(await keptHousehold(one)).household.name, (await keptHousehold(two)).household.name]).toEqual([
      'One',
      'Two',
    ]);
  });
});
