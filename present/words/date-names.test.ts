import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import { formatDate } from '@/core/basics/local-time';
import { priceWords } from '../supplies/supply-words';
import { namedDate } from './date-names';
import { listed, longDate, monthOfYear, shortDate, weekday } from './words';

const inBritish = (date: string, options: Intl.DateTimeFormatOptions) =>
  new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' })
    .format(new Date(`${date}T00:00Z`))
    .replace(',', '');

describe('names of dates', () => {
  test.prop([fc.integer({ min: 3_650, max: 36_500 })], { seed: 18, numRuns: 300 })(
    'are those that a British reader is used to',
    (day) => {
      const date = formatDate(day);
      expect(longDate(date)).toBe(inBritish(date, { weekday: 'long', day: 'numeric', month: 'long' }));
      expect(shortDate(date)).toBe(inBritish(date, { weekday: 'short', day: 'numeric', month: 'short' }));
      expect(monthOfYear(date)).toBe(inBritish(date, { month: 'long', year: 'numeric' }));
      expect(weekday(date)).toBe(inBritish(date, { weekday: 'short' }));
    },
  );

  it('are none where there is no date', () => {
    expect(() => namedDate('2027-13-01')).toThrow(RangeError);
  });
});

describe('lists and prices', () => {
  it('are written as the language writes them', () => {
    const list = new Intl.ListFormat('en-GB');
    for (const words of [[], ['a'], ['a', 'b'], ['a', 'b', 'c'], ['a', 'b', 'c', 'd']])
      expect(listed(words)).toBe(list.format(words));
    const price = new Intl.NumberFormat('en-GB', { minimumFractionDigits: 2 });
    for (const cents of [0, 5, 99, 100, 8_610, 99_999, 100_000, 123_456_789])
      expect(priceWords(cents)).toBe(price.format(cents / 100));
  });
});
