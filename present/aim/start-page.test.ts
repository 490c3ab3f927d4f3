import { describe, expect, it } from 'vitest';
import { startPage } from './start-page';

const session = (start: string, end: string) => ({
  id: start,
  person: 'ines',
  date: start.slice(0, 10),
  start,
  end,
});
const sessions = [
  session('2027-03-02T17:30', '2027-03-02T19:00'),
  session('2027-03-04T09:00', '2027-03-04T11:00'),
] as never;
const at = (now: string, more = {}) => startPage({ now, hasRooms: true, sessions, ...more });

describe('where it begins', () => {
  it('is the walk while there are no rooms, and the aim while nothing is planned or all is over', () => {
    expect(at('2027-03-02T08:00', { hasRooms: false })).toBe('/walk');
    expect(at('2027-03-02T08:00', { sessions: undefined })).toBe('/aim');
    expect(at('2027-03-05T08:00')).toBe('/aim');
  });

  it('is the day where there is work on it', () => {
    expect(at('2027-03-02T08:00')).toBe('/day');
    expect(at('2027-03-02T18:59')).toBe('/day');
    expect(at('2027-03-04T07:30')).toBe('/day');
  });

  it('is a little today on a day without, and the next day with work in its evening', () => {
    expect(at('2027-03-03T10:00')).toBe('/almanac/today');
    expect(at('2027-03-03T18:00')).toBe('/day/2027-03-04');
    expect(at('2027-03-02T19:00')).toBe('/day/2027-03-04');
  });
});
