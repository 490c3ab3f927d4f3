import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newHousehold, testDatabase } from '../testing/households';
import { busyAddressOf, busyHosts, forgetBusyAddress, keepBusyAddress } from './busy-addresses';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

describe('where the calendar of a person is read from', () => {
  it('is kept for their own household, written anew, and forgotten', async () => {
    const [one, other] = [await newHousehold(db), await newHousehold(db)];
    await keepBusyAddress(one, 'ines', 'https://example.org/first.ics');
    await keepBusyAddress(one, 'ines', 'https://example.net/second.ics');
    await keepBusyAddress(other, 'ines', 'https://example.com/theirs.ics');
    expect(await busyAddressOf(one, 'ines')).toBe('https://example.net/second.ics');
    expect([...(await busyHosts(one))]).toEqual([['ines', 'example.net']]);
    await forgetBusyAddress(one, 'ines');
    expect(await busyAddressOf(one, 'ines')).toBeUndefined();
    expect(await busyAddressOf(other, 'ines')).toBe('https://example.com/theirs.ics');
  });
});
