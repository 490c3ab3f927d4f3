import { describe, expect, it } from 'vitest';
import { formatDate } from '../basics/local-time';
import { daylightOn } from './daylight';

const minutes = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
const near = (clock: string, expected: string) =>
  expect(Math.abs(minutes(clock) - minutes(expected)), `${clock} for ${expected}`).toBeLessThanOrEqual(10);
/** Monday 4 January 2027 as a number of days, and the days of that year. */
const YEAR = Array.from({ length: 365 }, (_, i) => formatDate(20_819 + i));

describe('daylight', () => {
  it('is about twelve hours when day and night are as long, wherever the house is', () => {
    for (const latitude of [-45, 0, 30, 50, 65]) {
      const { from, to } = daylightOn('2027-03-20', 'Etc/UTC', latitude);
      expect(Math.abs(minutes(to) - minutes(from) - 12 * 60), String(latitude)).toBeLessThan(25);
    }
  });

  it('follows the date and the latitude, in the middle of the zone', () => {
    // By the almanac for 52° north and 15° east.
    const june = daylightOn('2027-06-21', 'Europe/Berlin', 52);
    near(june.from, '04:37');
    near(june.to, '21:26');
    const december = daylightOn('2027-12-21', 'Europe/Berlin', 52);
    near(december.from, '08:07');
    near(december.to, '15:49');
  });

  it('is the other way round south of the line', () => {
    const length = (date: string, latitude: number) => {
      const { from, to } = daylightOn(date, 'Etc/UTC', latitude);
      return minutes(to) - minutes(from);
    };
    expect(length('2027-06-21', 40)).toBeGreaterThan(length('2027-12-21', 40) + 200);
    expect(length('2027-06-21', -40)).toBeLessThan(length('2027-12-21', -40) - 200);
  });

  it('is all of the day or none where the sun does not set or rise', () => {
    expect(daylightOn('2027-06-21', 'Europe/Oslo', 70)).toEqual({ from: '00:00', to: '23:59' });
    expect(daylightOn('2027-12-21', 'Europe/Oslo', 70)).toEqual({ from: '12:00', to: '12:01' });
  });

  it('begins before it ends on every day of a year, in zones on both sides of the date line', () => {
    for (const zone of ['Pacific/Auckland', 'America/Los_Angeles', 'Asia/Kolkata', 'Pacific/Honolulu'])
      for (const date of YEAR) {
        const { from, to } = daylightOn(date, zone, 35);
        expect(from < to, `${zone} ${date}: ${from} ${to}`).toBe(true);
        expect(minutes(from)).toBeGreaterThan(3 * 60);
        expect(minutes(to)).toBeGreaterThan(15 * 60);
      }
  });
});
