import { fc, test } from '@fast-check/vitest';
import { describe, expect, it } from 'vitest';
import {
  dayOf,
  formatDate,
  formatMinute,
  isLocalDate,
  isLocalDateTime,
  midnightOf,
  minuteOf,
  weekdayOf,
} from './local-time';

describe('wall-clock time', () => {
  it('counts minutes from 1970-01-01T00:00', () => {
    expect(minuteOf('1970-01-02T00:30')).toBe(1470);
  });

  it.each([
    ['2027-02-28', true],
    ['2028-02-29', true],
    ['2027-02-29', false],
    ['2027-02-30', false],
    ['2027-13-01', false],
    ['2027-2-3', false],
    ['', false],
  ])('knows whether %s is on the calendar', (text, is) => {
    expect(isLocalDate(text)).toBe(is);
  });

  it.each([
    '2027-03-01T24:00',
    '2027-03-01 10:00',
    '2027-03-01T10:60',
    '2027-03-01T10:00Z',
    '2027-02-30T10:00',
  ])('refuses %s', (text) => {
    expect(isLocalDateTime(text)).toBe(false);
  });

  it('counts weekdays from Monday', () => {
    expect(
      ['2027-03-01', '2027-03-06', '2027-03-07', '1970-01-01'].map((date) => weekdayOf(dayOf(date))),
    ).toEqual([1, 6, 7, 4]);
  });

  it('takes no notice of a change of the clocks: the day of the change has 1440 minutes on the wall', () => {
    expect(minuteOf('2027-03-29T00:00') - minuteOf('2027-03-28T00:00')).toBe(1440);
  });

  test.prop([fc.integer({ min: 0, max: 60_000_000 })], { seed: 20270301 })(
    'reads what it wrote',
    (minute) => {
      expect(minuteOf(formatMinute(minute))).toBe(minute);
      expect(midnightOf(dayOf(formatDate(Math.floor(minute / 1440))))).toBeLessThanOrEqual(minute);
    },
  );
});
