import { describe, expect, it } from 'vitest';
import {
  amount,
  clock,
  count,
  dayOfMonth,
  daysBetween,
  duration,
  hourRange,
  hours,
  longDate,
  minuteRange,
  plusDays,
  shortDate,
  weekday,
} from './words';

describe('figures in words', () => {
  it.each([
    [0, '0 min'],
    [45, '45 min'],
    [59.6, '1 h'],
    [60, '1 h'],
    [125, '2 h 5 min'],
  ])('%d minutes are %s', (minutes, words) => {
    expect(duration(minutes)).toBe(words);
  });

  it.each([
    [0, '0 h'],
    [30, '0.5 h'],
    [120, '2 h'],
    [595, '9.9 h'],
    [2910, '49 h'],
  ])('%d minutes are about %s', (minutes, words) => {
    expect(hours(minutes)).toBe(words);
  });

  it('gives ranges in the unit that fits', () => {
    const range = { minutes: 100, low: 78.4, high: 131.2 };
    expect(hourRange(range)).toBe('1.3 to 2.2 h');
    expect(minuteRange(range)).toBe('78 to 131 min');
  });

  it('counts one and many', () => {
    expect([count(0, 'room', 'rooms'), count(1, 'room', 'rooms'), count(2, 'room', 'rooms')]).toEqual([
      '0 rooms',
      '1 room',
      '2 rooms',
    ]);
    expect([amount(4), amount(4.8), amount(0.537), amount(13.24)]).toEqual(['4', '4.8', '0.54', '13.2']);
  });
});

describe('dates in words', () => {
  it('are those of the calendar, whatever the zone of the machine', () => {
    expect([
      longDate('2027-03-26'),
      shortDate('2027-03-26'),
      weekday('2027-03-26'),
      dayOfMonth('2027-03-06'),
    ]).toEqual(['Friday 26 March', 'Fri 26 Mar', 'Fri', '6']);
    expect(clock('2027-03-26T08:05')).toBe('08:05');
  });

  it('are counted over months and the change of the clocks', () => {
    expect([
      daysBetween('2027-02-27', '2027-03-01'),
      plusDays('2027-03-27', 2),
      plusDays('2027-03-01', -1),
    ]).toEqual([2, '2027-03-29', '2027-02-28']);
  });
});
