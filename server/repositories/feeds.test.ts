import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newHousehold, testDatabase } from '../testing/households';
import { hasFeed, householdOfFeed, makeFeed, revokeFeed } from './feeds';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

describe('the private address of the sessions', () => {
  it('leads to its own household, and the one made before leads nowhere', async () => {
    const [one, other] = [await newHousehold(db), await newHousehold(db)];
    const [first, of] = [await makeFeed(one), await makeFeed(other)];
    expect((await householdOfFeed(db, first))?.household).toBe(one.household);
    expect((await householdOfFeed(db, of))?.household).toBe(other.household);
    const second = await makeFeed(one);
    expect(await householdOfFeed(db, first)).toBeUndefined();
    expect((await householdOfFeed(db, second))?.household).toBe(one.household);
  });

  it('can be revoked, and nobody guesses it', async () => {
    const scope = await newHousehold(db);
    expect(await hasFeed(scope)).toBe(false);
    const token = await makeFeed(scope);
    expect([await hasFeed(scope), token.length]).toEqual([true, 43]);
    const stored: { token_hash: string } = await scope.rows('feeds').first();
    expect(stored.token_hash).not.toContain(token);
    await revokeFeed(scope);
    expect(await householdOfFeed(db, token)).toBeUndefined();
    for (const guess of ['', stored.token_hash, '%', "' or 1=1"])
      expect(await householdOfFeed(db, guess)).toBeUndefined();
  });
});
