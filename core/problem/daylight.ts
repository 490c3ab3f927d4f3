import { getTimes } from 'suncalc';
import { minuteOf } from '../basics/local-time';
import { instantOf, wallClock } from '../basics/wall-clock';
import type { Daily } from '../plan/problem';

/** Where nobody has said how far north or south the house is. */
const USUAL_LATITUDE = 50;

const ALL_DAY: Daily = { from: '00:00', to: '23:59' };
/** The sun does not rise: no work fits into a minute. */
const NEVER: Daily = { from: '12:00', to: '12:01' };

/**
 * From sunrise to sunset on a date, `YYYY-MM-DD`, by the wall clock of a time zone. How far east the house is follows from
 * its zone, as if it lay in the middle of it: that is right to half an hour or so.
 *
 *     daylightOn('2027-06-21', 'Europe/Berlin', 52) // => { from: '04:35', to: '21:24' }, near enough
 */
export function daylightOn(date: string, timezone: string, latitude = USUAL_LATITUDE): Daily {
  const noon = instantOf(`${date}T12:00`, timezone);
  const sun = getTimes(new Date(noon), latitude, longitudeOf(timezone, date));
  if (sun.alwaysUp) return ALL_DAY;
  if (!sun.sunrise || !sun.sunset) return NEVER;
  const [rise, set] = [sun.sunrise, sun.sunset].map((at) => wallClock(at.getTime(), timezone)) as [
    string,
    string,
  ];
  return {
    from: rise.slice(0, 10) < date ? ALL_DAY.from : rise.slice(11),
    to: set.slice(0, 10) > date ? ALL_DAY.to : set.slice(11),
  };
}

const MS_AN_HOUR = 3_600_000;
const DEGREES_AN_HOUR = 15;

/** By how many hours a zone is ahead, in winter where the clocks are put forward for the summer. */
function longitudeOf(timezone: string, date: string): number {
  const year = date.slice(0, 4);
  const ahead = [`${year}-01-01T12:00`, `${year}-07-01T12:00`].map(
    (wall) => (minuteOf(wall) * 60_000 - instantOf(wall, timezone)) / MS_AN_HOUR,
  );
  return Math.min(...ahead) * DEGREES_AN_HOUR;
}
