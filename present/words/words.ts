import { dayOf, formatDate } from '@/core/basics/local-time';
import type { Range } from '@/core/estimate/estimate';
import { namedDate, shortDay, shortMonth } from './date-names';
import { reader, timeWritten } from './reader';

/** Figures and dates in words, the same everywhere. Dates here are calendar dates of the home, never instants. */

/** `a, b and c`. */
export function listed(words: readonly string[]): string {
  if (words.length < 2) return words[0] ?? '';
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

/** `2 h 5 min`, `45 min`. */
export function duration(minutes: number): string {
  const whole = Math.round(minutes);
  const hours = Math.floor(whole / 60);
  const rest = whole % 60;
  if (hours === 0) return `${rest} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** `6.5 h`; for sums that are not worth a minute. */
export function hours(minutes: number): string {
  const value = minutes / 60;
  return `${value < 10 ? value.toFixed(1).replace(/\.0$/, '') : Math.round(value)} h`;
}

/** `11.4 h`; where a change of minutes has to be seen. */
export function tenths(minutes: number): string {
  return `${(minutes / 60).toFixed(1)} h`;
}

/** `4.1 to 5.2 h`. */
export function hourRange(range: Range): string {
  return `${(range.low / 60).toFixed(1)} to ${(range.high / 60).toFixed(1)} h`;
}

export function minuteRange(range: Range): string {
  return `${Math.round(range.low)} to ${Math.round(range.high)} min`;
}

/** `Friday 26 March`; `Friday, March 26` for those who write it so. */
export function longDate(date: string): string {
  const { weekday, day, month } = namedDate(date);
  return reader().monthFirst ? `${weekday}, ${month} ${day}` : `${weekday} ${day} ${month}`;
}

/** `Fri 26 Mar`; `Fri, Mar 26`. */
export function shortDate(date: string): string {
  const { weekday, day, month } = namedDate(date);
  const [short, name] = [shortDay(weekday), shortMonth(month)];
  return reader().monthFirst ? `${short}, ${name} ${day}` : `${short} ${day} ${name}`;
}

/** `26 Mar 2027`; `Mar 26, 2027`. */
export function dateWithYear(date: string): string {
  const { day, month, year } = namedDate(date);
  const name = shortMonth(month);
  return reader().monthFirst ? `${name} ${day}, ${year}` : `${day} ${name} ${year}`;
}

/** `March 2027`. */
export function monthOfYear(date: string): string {
  const { month, year } = namedDate(date);
  return `${month} ${year}`;
}

/** `Fri`. */
export function weekday(date: string): string {
  return shortDay(namedDate(date).weekday);
}

export function dayOfMonth(date: string): string {
  return String(Number(date.slice(8, 10)));
}

/** `18:05` of a local date-time; `6:05 pm`. */
export function clock(dateTime: string): string {
  return timeOfDay(dateTime.slice(11, 16));
}

/** A time of `HH:mm`: `18:05`, `6:05 pm`. */
export function timeOfDay(time: string): string {
  return timeWritten(time, reader());
}

/** A full hour on an axis: `18`, `6 pm`. */
export function hourOnAxis(hour: number): string {
  const time = timeOfDay(`${String(hour).padStart(2, '0')}:00`);
  return time.replace(/^0?(\d+):00/, '$1');
}

/** `18:05 to 19:30`. */
export function fromTo({ from, to }: { readonly from: string; readonly to: string }): string {
  return `${timeOfDay(from)} to ${timeOfDay(to)}`;
}

export function count(number: number, one: string, many: string): string {
  return `${number} ${number === 1 ? one : many}`;
}

/** Quantities as exact as a sum by hand needs: `0.54`, `4.8`, `13.2`, `12`. */
export function amount(value: number): string {
  return String(Number(value.toFixed(value < 10 ? 2 : 1)));
}

export function daysBetween(from: string, to: string): number {
  return dayOf(to) - dayOf(from);
}

export function plusDays(date: string, days: number): string {
  return formatDate(dayOf(date) + days);
}
