import { describe, expect, it } from 'vitest';
import { instantOf, isTimezone, wallClock } from './wall-clock';

const utc = (text: string) => Date.parse(`${text}Z`);

describe('the wall clock of a zone', () => {
  it('shows an instant, in summer and in winter', () => {
    expect(wallClock(utc('2027-03-27T17:00'), 'Europe/Berlin')).toBe('2027-03-27T18:00');
    expect(wallClock(utc('2027-03-28T17:00'), 'Europe/Berlin')).toBe('2027-03-28T19:00');
    expect(wallClock(utc('2027-03-01T23:30'), 'Asia/Kolkata')).toBe('2027-03-02T05:00');
  });

  it('leads back to the instant, right before and after the clocks change too', () => {
    for (const wall of ['2027-03-28T01:59', '2027-03-28T03:00', '2027-10-31T03:00', '2027-07-01T00:00'])
      expect(wallClock(instantOf(wall, 'Europe/Berlin'), 'Europe/Berlin')).toBe(wall);
    expect(instantOf('2027-03-02T12:00', 'America/New_York')).toBe(utc('2027-03-02T17:00'));
  });

  it('knows zones from what is none', () => {
    expect(['Europe/Berlin', 'UTC', 'X', 'Etc/Unknown', '../../etc', ''].map(isTimezone)).toEqual([
      true,
      true,
      false,
      false,
      false,
      false,
    ]);
  });
});
