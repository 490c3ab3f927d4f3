import { describe, expect, it } from 'vitest';
import { dayOf } from '../basics/local-time';
import { freeOn, homeOn } from './free-time';

/** Mondays from six to nine. */
const member = { hours: [{ weekday: 1, from: '18:00', to: '21:00' }], exceptions: [], busy: [] };
const monday = dayOf('2027-03-01');
const busy = (start: string, end: string) => ({ start: `2027-03-01T${start}`, end: `2027-03-01T${end}` });
const clocks = (windows: readonly { start: string; end: string }[]) =>
  windows.map(({ start, end }) => `${start.slice(11)}-${end.slice(11)}`);

describe('when somebody is free', () => {
  it('is the hours of the weekday', () => {
    expect(clocks(freeOn(member, monday))).toEqual(['18:00-21:00']);
    expect(freeOn(member, monday + 1)).toEqual([]);
  });

  it('is what was said of the date, where anything was', () => {
    const hours = [{ from: '09:00', to: '10:00' }];
    const exceptions = [
      { date: '2027-03-01', hours },
      { date: '2027-03-08', hours: [] },
    ];
    expect(clocks(freeOn({ ...member, exceptions }, monday))).toEqual(['09:00-10:00']);
    expect(freeOn({ ...member, exceptions }, monday + 7)).toEqual([]);
  });

  it('leaves out what is busy: in the middle, at an edge, all of it, and what lies elsewhere', () => {
    const left = (...spans: { start: string; end: string }[]) =>
      clocks(freeOn({ ...member, busy: spans }, monday));
    expect(left(busy('19:00', '19:30'))).toEqual(['18:00-19:00', '19:30-21:00']);
    expect(left(busy('17:00', '18:15'), busy('20:00', '23:00'))).toEqual(['18:15-20:00']);
    expect(left({ start: '2027-02-27T00:00', end: '2027-03-03T00:00' })).toEqual([]);
    expect(left({ start: '2027-03-02T00:00', end: '2027-03-03T00:00' })).toEqual(['18:00-21:00']);
  });
});

describe('when somebody is at home', () => {
  const home = (change: Partial<Parameters<typeof homeOn>[0]>, day = monday) =>
    clocks(homeOn({ ...member, ...change }, day));

  it('is while they work, where nobody said more', () => {
    expect(home({})).toEqual(['18:00-21:00']);
    expect(home({}, monday + 1)).toEqual([]);
  });

  it('is the evening or most of the day besides, on every date', () => {
    expect(home({ atHome: 'evenings' }, monday + 1)).toEqual(['18:00-23:00']);
    expect(home({ atHome: 'most of the day' }, monday + 1)).toEqual(['07:00-23:00']);
  });

  it('is neither when they are busy elsewhere nor on a date on which they are not there', () => {
    expect(home({ atHome: 'evenings', busy: [busy('20:00', '22:00')] })).toEqual([
      '18:00-20:00',
      '18:00-20:00',
      '22:00-23:00',
    ]);
    const exceptions = [{ date: '2027-03-01', hours: [] }];
    expect(home({ atHome: 'evenings', exceptions })).toEqual([]);
  });
});
