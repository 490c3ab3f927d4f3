import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { forecast } from '../../core/forecast/forecast';
import { chanceBy, habitsOf } from '../../core/forecast/habits';
import { leavesOutMore } from '../../core/plan/left-out';
import { expandWork } from '../../core/problem/expand';
import { homeNamed } from '../../demo/dozen-homes';
import type { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';
import { planned } from '../planning/planner';
import { insertHousehold } from '../repositories/household';
import { newHousehold, spreadAt, testDatabase } from '../testing/households';
import { holdReserve } from './hold-reserve';

const NOW = '2027-03-01T07:00';

let db: Knex;
beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
});
afterAll(() => db.destroy());

async function spreadHome(name: string, reserve: readonly string[] = []): Promise<HouseholdScope> {
  const home = homeNamed(name);
  const scope = await newHousehold(db);
  await insertHousehold(scope, { ...home, clean: { ...home.clean, reserve: [...reserve] } });
  await spreadAt(scope, NOW);
  return scope;
}

async function chanceOf(scope: HouseholdScope): Promise<number> {
  const { household, order, plans } = await keptHousehold(scope);
  if (!household.clean || !plans) throw new Error('There is no plan.');
  const problem = expandWork({ ...household, clean: household.clean }, order, NOW);
  const habits = habitsOf({ sessions: [] }, new Set(), { today: NOW.slice(0, 10) });
  return chanceBy(forecast(problem, plans.latest.plan, { runs: 300, habits }), household.clean.finish);
}

describe('a first plan', () => {
  it('keeps days free by itself where that makes it surer, leaves nothing more out for it, and does so once', async () => {
    const scope = await spreadHome('retired and not lifting');
    const first = (await keptHousehold(scope)).plans?.latest.plan;
    const before = await chanceOf(scope);
    const wish = await holdReserve(scope, randomUUID(), NOW);
    if (before >= 0.8) {
      expect(wish).toBeUndefined();
      return;
    }
    if (wish !== undefined) await planned(scope, wish, () => NOW);
    const { household, plans } = await keptHousehold(scope);
    expect(household.clean?.reserve.length).toBeGreaterThan(0);
    expect(household.clean?.reserve.length).toBeLessThanOrEqual(3);
    expect(await chanceOf(scope)).toBeGreaterThan(before);
    if (first && plans) expect(leavesOutMore(plans.latest.plan, first)).toBe(false);
    expect(await holdReserve(scope, randomUUID(), NOW)).toBeUndefined();
  });

  it.each(['no machines', 'a baby asleep', 'children of 6 and 11'])(
    'of %s is at least as likely to be done in time as without, and no more is left out',
    async (name) => {
      const scope = await spreadHome(name);
      const first = (await keptHousehold(scope)).plans?.latest.plan;
      const before = await chanceOf(scope);
      const wish = await holdReserve(scope, randomUUID(), NOW);
      if (wish !== undefined) await planned(scope, wish, () => NOW);
      const { plans } = await keptHousehold(scope);
      if (first && plans) expect(leavesOutMore(plans.latest.plan, first)).toBe(false);
      expect(await chanceOf(scope)).toBeGreaterThanOrEqual(before - 0.05);
    },
  );

  it('keeps none where there is too little time, where one day is all there is, or where somebody has said which', async () => {
    for (const scope of [
      await spreadHome('far too little time'),
      await spreadHome('one person in one day'),
      await spreadHome('no machines', ['2027-03-09']),
    ]) {
      const reserve = (await keptHousehold(scope)).household.clean?.reserve;
      expect(await holdReserve(scope, randomUUID(), NOW)).toBeUndefined();
      expect((await keptHousehold(scope)).household.clean?.reserve).toEqual(reserve);
    }
  });
});
