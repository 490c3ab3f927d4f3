import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { dayOf, formatDate } from '../basics/local-time';
import { MOST_DAYS_AWAY, stretchesOf, withDays } from './differing-days';

const EVENING = [{ from: '18:00', to: '20:00' }];

describe('days that differ', () => {
  it('are a week away in one go, and what was said of those dates before holds no longer', () => {
    const known = [
      { date: '2027-03-04', hours: EVENING },
      { date: '2027-03-20', hours: [] },
    ];
    const away = withDays(known, '2027-03-01', '2027-03-07', [])!;
    expect(away).toHaveLength(8);
    expect(away[3]).toEqual({ date: '2027-03-04', hours: [] });
    expect(stretchesOf(away)).toEqual([
      { from: '2027-03-01', to: '2027-03-07', hours: [] },
      { from: '2027-03-20', to: '2027-03-20', hours: [] },
    ]);
  });

  it('end after they begin, and within half a year', () => {
    expect(withDays([], '2027-03-02', '2027-03-01', [])).toBeUndefined();
    expect(withDays([], '2027-03-01', formatDate(dayOf('2027-03-01') + MOST_DAYS_AWAY), [])).toBeUndefined();
  });

  it('with other hours are a stretch of their own', () => {
    const known = [
      { date: '2027-03-02', hours: EVENING },
      { date: '2027-03-01', hours: [] },
      { date: '2027-03-03', hours: EVENING },
    ];
    expect(stretchesOf(known).map(({ from, to }) => `${from} ${to}`)).toEqual([
      '2027-03-01 2027-03-01',
      '2027-03-02 2027-03-03',
    ]);
  });

  test.prop([fc.uniqueArray(fc.integer({ min: 0, max: 40 })), fc.integer({ min: 1, max: 9 })], { seed: 3 })(
    'make as many dates as their stretches are long',
    (days, length) => {
      const at = (day: number) => formatDate(dayOf('2027-03-01') + day);
      const known = days.map((day) => ({ date: at(day), hours: day % 2 ? EVENING : [] }));
      const all = withDays(known, at(10), at(9 + length), [])!;
      const held = stretchesOf(all).reduce((sum, { from, to }) => sum + dayOf(to) - dayOf(from) + 1, 0);
      expect(held).toBe(all.length);
      expect(new Set(all.map(({ date }) => date)).size).toBe(all.length);
    },
  );
});
