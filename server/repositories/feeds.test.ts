import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { newHousehold, testDatabase } from '../testing/households';
import { feedAt, feedsOf, makeFeed, revokeFeed } from './feeds';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

describe('the private address of the sessions', () => {
  it('leads to its own household, and the one made before leads nowhere', async () => {
    const [one, other] = [await newHousehold(db), await newHousehold(db)];
    const [first, of] = [await makeFeed(one), await makeFeed(other)];
    expect((await feedAt(db, first))?.scope.household).toBe(one.household);
    expect((await feedAt(db, of))?.scope.household).toBe(other.household);
    const second = await makeFeed(one);
    expect(await feedAt(db, first)).toBeUndefined();
    expect((await feedAt(db, second))?.scope.household).toBe(one.household);
  });

  it('can be revoked, and nobody guesses it', async () => {
    const scope = await newHousehold(db);
    expect(await feedsOf(scope)).toEqual([]);
    const token = await makeFeed(scope);
    expect([await feedsOf(scope), token.length]).toEqual([[undefined], 43]);
    const stored: { token_hash: string } = await scope.rows('feeds').first();
    expect(stored.token_hash).not.toContain(token);
    await revokeFeed(scope);
    expect(await feedAt(db, token)).toBeUndefined();
    for (const guess of ['', stored.token_hash, '%', "' or 1=1"])
      expect(await feedAt(db, guess)).toBeUndefined();
  });

  it('is one for everybody and one for each person, apart', async () => {
    const scope = await newHousehold(db);
    const [all, ines] = [await makeFeed(scope), await makeFeed(scope, 'ines')];
    expect((await feedAt(db, all))?.person).toBeUndefined();
    expect((await feedAt(db, ines))?.person).toBe('ines');
    await revokeFeed(scope, 'ines');
    expect(await feedAt(db, ines)).toBeUndefined();
    expect(await feedsOf(scope)).toEqual([undefined]);
  });
});
