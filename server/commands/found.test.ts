import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, it } from 'vitest';
import type { DayAct } from '../../core/clean/events';
import { juniperRow } from '../../demo/juniper-row';
import type { HouseholdScope } from '../db/scope';
import { insertHousehold } from '../repositories/household';
import { newHousehold, testDatabase } from '../testing/households';
import { carryOut } from './carry-out';
import { foundLeft, settleFound } from './found';

const TODAY = '2027-03-01';
const NOW = `${TODAY}T18:00:00`;

let db: Knex;
let scope: HouseholdScope;

beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  db = await testDatabase();
});
afterAll(() => db.destroy());
beforeEach(async () => {
  scope = await newHousehold(db);
  await insertHousehold(scope, juniperRow(TODAY));
});

async function write(act: DayAct, date = TODAY): Promise<string> {
  const id = randomUUID();
  const at = `${date}T18:00:00`;
  await carryOut({ scope }, { sentAt: at, events: [{ id, at, act }] }, () => at);
  return id;
}

describe('foundLeft', () => {
  it('is all that was written down on whatever day, without what is settled', async () => {
    const bulb = await write({ do: 'found', find: 'buy', text: 'A bulb' }, '2027-02-20');
    const hinge = await write({ do: 'found', find: 'mend', text: 'Loose hinge' });
    await settleFound(scope, { id: randomUUID(), found: bulb }, NOW);
    expect(await foundLeft(scope)).toMatchObject([{ id: hinge, find: 'mend', text: 'Loose hinge' }]);
  });

  it('is settled once, however often that is sent, and by nobody of another house', async () => {
    const bulb = await write({ do: 'found', find: 'buy', text: 'A bulb' });
    const other = await newHousehold(db);
    await insertHousehold(other, juniperRow(TODAY));
    await settleFound(other, { id: randomUUID(), found: bulb }, NOW);
    expect(await foundLeft(scope)).toHaveLength(1);
    expect(await foundLeft(other)).toEqual([]);
    const wish = { id: randomUUID(), found: bulb };
    await settleFound(scope, wish, NOW);
    const again = await write({ do: 'found', find: 'buy', text: 'Another bulb' });
    await settleFound(scope, wish, NOW);
    expect(await foundLeft(scope)).toMatchObject([{ id: again }]);
  });
});
