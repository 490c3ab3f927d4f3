import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../catalogue/catalogue';
import type { Method } from '../catalogue/method';
import { NO_FACTS } from '../home/no-facts';
import { effectsOn, intervalIn } from './fact-effects';

const every = (intervalMonths: number, kind: Method['kind']) => ({ intervalMonths, kind }) as Method;

describe('what the facts of a home do', () => {
  it('is nothing where nothing is true of it', () => {
    for (const method of CATALOGUE.all()) {
      expect(effectsOn(method, NO_FACTS)).toEqual([]);
      expect(intervalIn(method, NO_FACTS)).toBe(Math.round(method.intervalMonths));
    }
  });

  it('is felt by the work that it makes more of, and by no other', () => {
    const kinds = (fact: string) =>
      [
        ...new Set(
          CATALOGUE.all()
            .filter((method) => effectsOn(method, { ...NO_FACTS, [fact]: true }).length > 0)
            .map(({ kind }) => kind),
        ),
      ].sort();
    expect(kinds('hardWater')).toEqual(['limescale']);
    expect(kinds('pets')).toEqual(['floors', 'furniture']);
    expect(kinds('smokers')).toEqual(['dusting', 'walls', 'windows']);
    expect(kinds('birds')).toEqual([]);
  });

  it('makes work due sooner, and never sooner than in a month', () => {
    const hard = { ...NO_FACTS, hardWater: true };
    // 6 × 0.67 = 4.02; 12 × 0.67 = 8.04; 1 × 0.67 would be none.
    expect([6, 12, 1].map((months) => intervalIn(every(months, 'limescale'), hard))).toEqual([4, 8, 1]);
    expect(intervalIn(every(6, 'floors'), hard)).toBe(6);
    // 12 × 0.75 = 9.
    expect(intervalIn(every(12, 'floors'), { ...NO_FACTS, pets: true })).toBe(9);
  });
});
