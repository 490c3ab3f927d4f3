import { describe, expect, it } from 'vitest';
import { dayOf } from '../basics/local-time';
import { isForecastDry } from './forecast';

const YEARS = 20;
const from = dayOf('2020-01-01');
const days = Array.from({ length: YEARS * 365 }, (_, i) => from + i);

describe('the simulated forecast', () => {
  it('says the same whenever it is asked, and something else by another seed', () => {
    const asked = (seed: number) => days.slice(0, 60).map((day) => isForecastDry(seed, day));
    expect(asked(7)).toEqual(asked(7).toReversed().toReversed());
    expect(
      [...days.slice(0, 60)]
        .reverse()
        .map((day) => isForecastDry(7, day))
        .reverse(),
    ).toEqual(asked(7));
    expect(asked(7)).not.toEqual(asked(8));
  });

  it('has wet days in spells, and more of them in winter', () => {
    const wet = days.filter((day) => !isForecastDry(3, day));
    const share = wet.length / days.length;
    expect(share).toBeGreaterThan(0.25);
    expect(share).toBeLessThan(0.5);
    const after = wet.filter((day) => !isForecastDry(3, day + 1)).length / wet.length;
    expect(after).toBeGreaterThan(share);
    const inMonths = (months: readonly number[]) =>
      days.filter((day) => months.includes(new Date(day * 86_400_000).getUTCMonth()));
    const shareOf = (some: readonly number[]) =>
      some.filter((day) => !isForecastDry(3, day)).length / some.length;
    expect(shareOf(inMonths([11, 0, 1]))).toBeGreaterThan(shareOf(inMonths([5, 6, 7])));
  });

  it('has as many wet days as a household says that a month has', () => {
    const wetDays = [0, 31, 3, 10, 20, 25, 10, 10, 10, 10, 10, 10];
    const shareIn = (month: number) => {
      const own = days.filter((day) => new Date(day * 86_400_000).getUTCMonth() === month);
      return own.filter((day) => !isForecastDry(5, day, wetDays)).length / own.length;
    };
    // Spells are not followed from one half of a month to the next, so that it comes out near enough.
    expect([shareIn(0), shareIn(1)].map((share) => Math.round(share))).toEqual([0, 1]);
    for (const month of [2, 3, 4, 5])
      expect(Math.abs(shareIn(month) - (wetDays[month] as number) / 30.4), String(month)).toBeLessThan(0.06);
  });
});
