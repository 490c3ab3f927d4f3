import type { Knex } from 'knex';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { oneOf, randomFrom } from '../../core/basics/random';
import { juniperRow } from '../../demo/juniper-row';
import { loadParts, loadTicks } from '../repositories/clean';
import { insertHousehold } from '../repositories/household';
import { newHousehold, testDatabase } from '../testing/households';
import { Progress } from './progress';
import { ToWrite } from './to-write';

let db: Knex;
beforeAll(async () => {
  db = await testDatabase();
});
afterAll(() => db.destroy());

const CLEAN = 'house-swap';
const USED = {
  room: 'bathroom',
  school: 'shop' as const,
  doses: [{ product: 'chlorine-bleach' as const, amount: 20, unit: 'ml' as const, inMl: 1000 }],
};

async function begun() {
  const scope = await newHousehold(db);
  await insertHousehold(scope, { ...juniperRow('2027-03-01'), ticks: [], parts: [] });
  const toWrite = new ToWrite(scope);
  return { scope, toWrite, progress: new Progress(scope, toWrite, [], []) };
}

describe('the progress of a clean', () => {
  it('ticks a step once, with the time of the first tick, and takes it back', async () => {
    const { scope, toWrite, progress } = await begun();
    const first = { step: 'a:b/c', at: '2027-03-01T18:00', used: USED };
    await progress.tick(CLEAN, first);
    await progress.tick(CLEAN, { step: 'a:b/c', at: '2027-03-01T19:00' });
    await toWrite.write();
    expect(await loadTicks(scope, CLEAN)).toEqual([first]);
    expect(progress.ticks).toEqual([first]);
    await progress.untick(CLEAN, ['a:b/c']);
    expect(await loadTicks(scope, CLEAN)).toEqual([]);
    expect(progress.ticks).toEqual([]);
  });

  it('a step that is done has not come a part of the way any more', async () => {
    const { scope, progress } = await begun();
    await progress.came({ step: 'a:b/c', share: 40 });
    await progress.came({ step: 'a:b/d', share: 60 });
    await progress.tick(CLEAN, { step: 'a:b/c', at: '2027-03-01T18:00' });
    expect(progress.parts).toEqual([{ step: 'a:b/d', share: 60 }]);
    expect(await loadParts(scope)).toEqual(progress.parts);
  });

  it('knows what the database would give, whatever happens', async () => {
    const { scope, toWrite, progress } = await begun();
    const random = randomFrom(5);
    const steps = ['a:b/c', 'a:b/d', 'a-1:b/c', 'aa:b/c', 'z:b/c'];
    for (let i = 0; i < 200; i++) {
      const step = oneOf(steps, random);
      const kind = Math.floor(4 * random());
      const at = `2027-03-0${1 + Math.floor(3 * random())}T18:00`;
      if (kind === 0) await progress.tick(CLEAN, { step, at, ...(random() < 0.5 && { used: USED }) });
      else if (kind === 1) await progress.untick(CLEAN, [step, oneOf(steps, random)]);
      else if (kind === 2) await progress.took(CLEAN, step, 60 * i);
      else await progress.came({ step, share: 1 + (i % 99) });
      // Several things in a row are written together.
      if (random() < 0.5) continue;
      await toWrite.write();
      expect(progress.ticks).toEqual(await loadTicks(scope, CLEAN));
      expect(progress.parts).toEqual(await loadParts(scope));
    }
  });
});
