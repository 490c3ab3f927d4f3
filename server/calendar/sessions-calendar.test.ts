import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest';
import { homeNamed } from '../../demo/dozen-homes';
import type { HouseholdScope } from '../db/scope';
import { loadEvents } from '../repositories/calendar-events';
import { insertHousehold } from '../repositories/household';
import { newHousehold, spreadAt, testDatabase } from '../testing/households';
import { sessionsCalendar } from './sessions-calendar';

const NOW = '2027-03-01T07:00';

let db: Knex;
beforeAll(async () => {
  process.env.DATABASE_URL = inject('databaseUrl');
  process.env.EARLY_THAW_SECRET = 'a secret of the tests, long enough to seal';
  process.env.EARLY_THAW_NOW = NOW;
  db = await testDatabase();
});
afterAll(() => db.destroy());

const idsIn = (text: string) =>
  [...text.replaceAll('\r\n ', '').matchAll(/^UID:(.+)$/gm)].map(([, uid]) => uid?.trim());
const fileOf = (scope: HouseholdScope) => sessionsCalendar(scope, { calledOff: true });

async function spreadHome(): Promise<HouseholdScope> {
  const scope = await newHousehold(db);
  await insertHousehold(scope, homeNamed('children of 6 and 11'));
  await spreadAt(scope, NOW);
  return scope;
}

describe('the calendar of a household', () => {
  it('has the same ids however often it is asked for, also by two at once, and writes nothing anew', async () => {
    const scope = await spreadHome();
    const [one, two] = await Promise.all([fileOf(scope), fileOf(scope)]);
    expect(idsIn(one).length).toBeGreaterThan(3);
    expect(idsIn(two)).toEqual(idsIn(one));
    const kept = await loadEvents(scope);
    expect(kept).toHaveLength(idsIn(one).length);
    await fileOf(scope);
    expect(await loadEvents(scope)).toEqual(kept);
  });

  it('calls off in a file what is gone, and leaves it out at an address', async () => {
    const scope = await spreadHome();
    const before = idsIn(await fileOf(scope));
    await scope.rows('plans').del();
    await scope.own().increment('revision', 1);
    const file = await fileOf(scope);
    expect(idsIn(file).toSorted()).toEqual(before.toSorted());
    expect(file.match(/STATUS:CANCELLED/g)).toHaveLength(before.length);
    expect(idsIn(await sessionsCalendar(scope, { calledOff: false }))).toEqual([]);
  });

  it('is one person’s where that is asked for, and nobody else’s household’s', async () => {
    const [scope, other] = [await spreadHome(), await newHousehold(db)];
    await fileOf(scope);
    const [event] = await loadEvents(scope);
    const own = await sessionsCalendar(scope, { person: event?.person, calledOff: true });
    expect(idsIn(own).every((uid) => uid?.includes(`-${event?.person}-`))).toBe(true);
    expect(idsIn(await fileOf(other))).toEqual([]);
    expect(await loadEvents(other)).toEqual([]);
  });
});
