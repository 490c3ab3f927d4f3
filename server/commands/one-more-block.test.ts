import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import type { HouseholdFile } from '../../core/household/household';
import type { HouseholdScope } from '../db/scope';
import { fulfil } from '../planning/planner';
import { householdFile, insertHousehold, loadHousehold } from '../repositories/household';
import { newHousehold, plannedDemo, testDatabase } from '../testing/households';
import { carryOut } from './carry-out';
import { oneMoreBlock } from './one-more-block';

const TODAY = '2027-03-01';
const LATER = `${TODAY}T19:05`;

let db: Knex;
let scope: HouseholdScope;
let planned: HouseholdFile;

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
  planned = await plannedDemo(db, TODAY);
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
  await insertHousehold(scope, planned);
});

/** Bram has said that it is enough for today; all of his work has another day. */
async function enough(): Promise<void> {
  const at = `${TODAY}T19:00:00`;
  const act = { do: 'block' as const, what: 'enough' as const };
  await carryOut(
    { scope },
    { sentAt: at, events: [{ id: randomUUID(), at, person: 'bram', act }] },
    () => at,
  );
  await fulfil(scope, () => at.slice(0, 16));
}

const ofBramToday = async () => {
  const plans = (await householdFile(scope)).plans;
  return (plans.at(-1)?.plan.entries ?? []).filter(
    ({ people, start }) => people.includes('bram') && start >= LATER && start.startsWith(TODAY),
  );
};

describe('oneMoreBlock', () => {
  it('brings work of the next session to now, no longer than the block', async () => {
    await enough();
    expect(await ofBramToday()).toEqual([]);
    const { answer } = await oneMoreBlock(scope, { id: 'more', person: 'bram', minutes: 60 }, LATER);
    if (!answer.ok) throw new Error(answer.why);
    const more = answer.value;
    expect(more.jobs).toBeGreaterThan(0);
    expect(more.of > TODAY).toBe(true);
    await fulfil(scope, () => LATER);
    const entries = await ofBramToday();
    expect(entries.length).toBeGreaterThan(0);
    expect(entries.every(({ end }) => end <= `${TODAY}T20:05`)).toBe(true);
  });

  it('happens once, however often it is asked for', async () => {
    await enough();
    const wish = { id: 'more', person: 'bram', minutes: 60 };
    await oneMoreBlock(scope, wish, LATER);
    const once = await loadHousehold(scope);
    await oneMoreBlock(scope, wish, LATER);
    expect(await loadHousehold(scope)).toEqual(once);
  });

  it('changes nothing for somebody who is not there, or where nothing fits', async () => {
    await enough();
    const before = await loadHousehold(scope);
    const nobody = await oneMoreBlock(scope, { id: 'a', person: 'nobody', minutes: 60 }, LATER);
    expect(nobody.answer).toEqual({ ok: false, why: 'nothing' });
    const late = `${TODAY}T23:59`;
    const tooLate = await oneMoreBlock(scope, { id: 'b', person: 'bram', minutes: 60 }, late);
    expect(tooLate.answer).toEqual({ ok: false, why: 'nothing' });
    expect(await loadHousehold(scope)).toEqual(before);
  });
});
