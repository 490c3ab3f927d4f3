import { randomUUID } from 'node:crypto';
import { Redis } from 'ioredis';
import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, inject, it, vi } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import { OwnRedis } from '../../scripts/lib/own-redis';
import { startPlanner } from '../../scripts/lib/planner.mjs';
import { changeHousehold } from '../commands/change';
import { spreadWork } from '../commands/plan';
import type { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';
import { heardElsewhere, listen, type News, passOn, tell } from '../news/hub';
import { shareNews } from '../news/share';
import { type Wire, wireBy } from '../news/wire';
import { insertHousehold } from '../repositories/household';
import { newHousehold, testDatabase } from '../testing/households';
import { isWishOpen, planned } from './planner';
import { queueWishes } from './queue';

const SECRET = 'a secret of the tests, long enough to seal';
const NOW = '2027-03-01T07:00';

let db: Knex;
let redis: OwnRedis;
let wire: Wire;
let queue: ReturnType<typeof queueWishes>;
let planner: Awaited<ReturnType<typeof startPlanner>>;

const newPlanner = (more: Readonly<Record<string, string>> = {}) =>
  startPlanner({
    DATABASE_URL: inject('databaseUrl'),
    EARLY_THAW_SECRET: SECRET,
    EARLY_THAW_NOW: NOW,
    EARLY_THAW_PLAN_ROUNDS: '8',
    LOG_LEVEL: 'silent',
    REDIS_URL: redis.url,
    ...more,
  });

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = SECRET;
  process.env.EARLY_THAW_NOW = NOW;
  db = await testDatabase();
  redis = await OwnRedis.begin();
  wire = wireBy(redis.url);
  shareNews(wire);
  queue = queueWishes(redis.url, db, wire);
  planner = await newPlanner();
  await until(() => wire.isUp());
});
afterAll(async () => {
  await planner.stop();
  await queue.close();
  await wire.close();
  await redis.end();
  await db.destroy();
});

async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  await vi.waitUntil(holds, { timeout: 30_000, interval: 50 });
}

async function homeOfOne(): Promise<HouseholdScope> {
  const scope = await newHousehold(db);
  await insertHousehold(scope, homeNamed('one person in one day'));
  return scope;
}

async function spread(scope: HouseholdScope): Promise<number> {
  const { wish } = await spreadWork(scope, randomUUID());
  return wish as number;
}

const version = async (scope: HouseholdScope) => (await keptHousehold(scope)).plans?.latest.version ?? 0;

describe('planners beside the servers', () => {
  it('make the plan that a server waits for, and all that listen hear of it', async () => {
    const scope = await homeOfOne();
    const heard: News[] = [];
    const unlisten = listen(scope.household, (news) => heard.push(news));
    await planned(scope, await spread(scope));
    expect(await version(scope)).toBe(1);
    await until(() => heard.some(({ kind }) => kind === 'plan'));
    unlisten();
  });

  it('make one plan for changes that come one after another, and none twice', async () => {
    const scope = await homeOfOne();
    await planned(scope, await spread(scope));
    const dates = ['2027-03-02', '2027-03-03', '2027-03-04', '2027-03-05'];
    for (const date of dates)
      await changeHousehold(scope, randomUUID(), { do: 'weather', date, dry: false }, () => 'Rain');
    await until(async () => !(await isWishOpen(scope)));
    expect(await version(scope)).toBeLessThanOrEqual(3);
    const [{ wanted, made }] = await db('households')
      .where({ id: scope.household })
      .select('plan_wanted as wanted', 'plan_made as made');
    expect(made).toBe(wanted);
  });

  it('take up what another planner has left when it was killed', async () => {
    process.kill(planner.pid, 'SIGKILL');
    await planner.ended;
    const scope = await homeOfOne();
    const wish = await spread(scope);
    const waited = planned(scope, wish);
    planner = await newPlanner();
    await waited;
    expect(await version(scope)).toBe(1);
  });

  it('take up what another planner was in the middle of when it was killed, within ten seconds', async () => {
    await planner.stop();
    planner = await newPlanner({ EARLY_THAW_PLAN_ROUNDS: '1000000' });
    const scope = await homeOfOne();
    const waited = planned(scope, await spread(scope));
    await until(async () => (await queue.getActiveCount()) === 1);
    process.kill(planner.pid, 'SIGKILL');
    await planner.ended;
    planner = await newPlanner();
    const began = performance.now();
    await waited;
    expect(performance.now() - began).toBeLessThan(10_000);
    expect(await version(scope)).toBe(1);
  });

  it('are done without where Redis is killed: each server plans for itself, and goes back to them', async () => {
    await redis.kill();
    await until(() => !wire.isUp());
    const alone = await homeOfOne();
    await planned(alone, await spread(alone));
    expect(await version(alone)).toBe(1);
    await redis.start();
    await until(() => wire.isUp());
    const together = await homeOfOne();
    await planned(together, await spread(together));
    expect(await version(together)).toBe(1);
  });
});

describe('news between servers', () => {
  it('reach whoever listens elsewhere once, in their shape, and are not told back', async () => {
    const other = wireBy(redis.url);
    const passed: unknown[] = [];
    const { z } = await import('zod');
    other.hear('early-thaw news', z.looseObject({ household: z.string() }), (word) => passed.push(word));
    const asker = new Redis(redis.url);
    await until(async () => Number((await asker.pubsub('NUMSUB', 'early-thaw news'))[1]) >= 3);
    const household = randomUUID();
    const here: News[] = [];
    const unlisten = listen(household, (news) => here.push(news));
    tell(household, { kind: 'plan' });
    await until(() => passed.length === 1);
    expect(passed).toEqual([{ household, news: { kind: 'plan' } }]);
    expect(here).toHaveLength(1);
    // From the other one, and words that are none.
    await asker.publish('early-thaw news', 'no JSON');
    await asker.publish('early-thaw news', JSON.stringify({ from: randomUUID(), word: { household: 7 } }));
    other.say('early-thaw news', { household, news: { kind: 'plan' } });
    await until(() => here.length === 2);
    unlisten();
    asker.disconnect();
    await other.close();
    passOn(() => undefined);
    heardElsewhere(household, { kind: 'plan' });
    expect(here).toHaveLength(2);
  });
});
