import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newHousehold, testDatabase } from '../testing/households';
import { Sessions } from './sessions';

const SECRET = 'a secret of the tests, thirty-two and more';
const DAY = 24 * 60 * 60;

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

/** Sessions with a clock that the test sets. */
async function setUp() {
  const clock = { now: 1_800_000_000 };
  const sessions = new Sessions(db, SECRET, () => clock.now);
  const scope = await newHousehold(db);
  await scope.insert(
    'accounts',
    ['ines', 'bram'].map((id) => ({ id, email: `${id}@example.org`, passphrase_hash: 'none' })),
  );
  const open = (device = 'Phone', account: string | undefined = 'ines') =>
    sessions.open({ household: scope.household, account, device });
  return { clock, sessions, scope, open };
}

describe('a session', () => {
  it('is found by its token, and by nothing that stands in the database', async () => {
    const { sessions, scope, open } = await setUp();
    const token = await open();
    expect(await sessions.at(token)).toMatchObject({ household: scope.household, account: 'ines' });
    const stored = await db('sessions').where({ household_id: scope.household }).first();
    expect(JSON.stringify(stored)).not.toContain(token);
    for (const guess of [stored.token_hash, '', '%', `${token}x`])
      expect(await sessions.at(guess)).toBeUndefined();
    expect(await new Sessions(db, 'another secret of another server at all').at(token)).toBeUndefined();
  });

  it('is over with signing out, also for whoever has copied the cookie', async () => {
    const { sessions, open } = await setUp();
    const token = await open();
    await sessions.end(token);
    expect(await sessions.at(token)).toBeUndefined();
  });

  it('ends after seven days without use, and after thirty in any case', async () => {
    const { clock, sessions, open } = await setUp();
    const [idle, busy] = [await open(), await open()];
    for (let day = 1; day <= 29; day++) {
      clock.now += DAY;
      expect(await sessions.at(busy), `day ${day}`).toBeDefined();
    }
    expect(await sessions.at(idle)).toBeUndefined();
    clock.now += DAY;
    expect(await sessions.at(busy)).toBeUndefined();
    // What has run out is swept away by the next.
    await open();
    expect(await db('sessions').where('opened_s', '<', clock.now)).toEqual([]);
  });

  it('is listed with its device and last use, for its own account alone', async () => {
    const { clock, sessions, scope, open } = await setUp();
    await open('Desk');
    clock.now += 3_600;
    const phone = await open('Phone');
    await open('Of somebody else', 'bram');
    expect((await sessions.of(scope, 'ines')).map(({ device, seenS }) => [device, seenS])).toEqual([
      ['Phone', clock.now],
      ['Desk', clock.now - 3_600],
    ]);
    clock.now += 3_600;
    await sessions.at(phone);
    expect((await sessions.of(scope, 'ines'))[0]?.seenS).toBe(clock.now);
  });

  it('ends from afar, one or all others, and none of anybody else', async () => {
    const { sessions, scope, open } = await setUp();
    const other = await setUp();
    const [here, desk, lost] = [await open('Here'), await open('Desk'), await open('Lost')];
    const [bram, theirs] = [await open('Bram', 'bram'), await other.open()];
    const idOf = async (token: string) => (await sessions.at(token))!.id;
    await other.sessions.endOne(other.scope, 'ines', await idOf(lost));
    expect(await sessions.at(lost)).toBeDefined();
    await sessions.endOne(scope, 'ines', await idOf(lost));
    expect(await sessions.at(lost)).toBeUndefined();
    expect(await sessions.endOthers(scope, 'ines', await idOf(here))).toBe(1);
    expect(await sessions.at(desk)).toBeUndefined();
    for (const token of [here, bram, theirs]) expect(await sessions.at(token)).toBeDefined();
    expect(await sessions.endOthers(scope, 'ines')).toBe(1);
    expect(await sessions.at(here)).toBeUndefined();
  });
});
