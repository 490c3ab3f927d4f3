import { describe, expect, it } from 'vitest';
import type { Member } from '../people/member';
import { hoursFrom, withHoursOn, withMoreFrom } from './hours-today';

/** Free on Mondays from half past six to half past eight; 1 March 2027 is a Monday. */
const ADA = {
  id: 'ada',
  hours: [{ weekday: 1, from: '18:30', to: '20:30' }],
  exceptions: [{ date: '2027-03-09', hours: [] }],
} as unknown as Member;

const on = (member: Member, date: string) => member.exceptions.find((known) => known.date === date)?.hours;

describe('hours of one date', () => {
  it('take the place of what was said of that date, in the order of the calendar', () => {
    const once = withHoursOn(ADA, '2027-03-01', [{ from: '09:00', to: '10:00' }]);
    const twice = withHoursOn(once, '2027-03-01', []);
    expect(twice.exceptions).toEqual([
      { date: '2027-03-01', hours: [] },
      { date: '2027-03-09', hours: [] },
    ]);
  });

  it('end with the day, and are none for no time', () => {
    expect(hoursFrom('2027-03-01T18:00', 25)).toEqual([{ from: '18:00', to: '18:25' }]);
    expect(hoursFrom('2027-03-01T23:30', 90)).toEqual([{ from: '23:30', to: '23:59' }]);
    expect(hoursFrom('2027-03-01T23:59', 90)).toEqual([]);
    expect(hoursFrom('2027-03-01T18:00', 0)).toEqual([]);
  });
});

describe('one more block', () => {
  it('comes beside the hours of the week', () => {
    expect(on(withMoreFrom(ADA, '2027-03-01T20:50', 60), '2027-03-01')).toEqual([
      { from: '18:30', to: '20:30' },
      { from: '20:50', to: '21:50' },
    ]);
  });

  it('makes one stretch with what it touches', () => {
    expect(on(withMoreFrom(ADA, '2027-03-01T20:10', 60), '2027-03-01')).toEqual([
      { from: '18:30', to: '21:10' },
    ]);
    expect(on(withMoreFrom(ADA, '2027-03-01T19:00', 20), '2027-03-01')).toEqual([
      { from: '18:30', to: '20:30' },
    ]);
  });

  it('opens a day that was kept free, or had an end', () => {
    expect(on(withMoreFrom(ADA, '2027-03-09T10:00', 30), '2027-03-09')).toEqual([
      { from: '10:00', to: '10:30' },
    ]);
    const enough = withHoursOn(ADA, '2027-03-01', []);
    expect(on(withMoreFrom(enough, '2027-03-01T19:00', 60), '2027-03-01')).toEqual([
      { from: '19:00', to: '20:00' },
    ]);
  });
});
