/**
 * Wall-clock times of the home, as whole minutes.
 *
 * A `Minute` counts minutes of the home's wall clock since 1970-01-01T00:00. Lengths are plain differences,
 * also over a change of the clocks: a plan speaks of what the clock on the wall shows.
 */
export type Minute = number;

/** Days since 1970-01-01. */
export type DayNumber = number;

export const MINUTES_A_DAY = 1440;
const MS_A_MINUTE = 60_000;

const DATE = /^(\d{4})-(\d{2})-(\d{2})$/;
const DATE_TIME = /^(\d{4})-(\d{2})-(\d{2})T([01]\d|2[0-3]):([0-5]\d)$/;
const CLOCK = /^([01]\d|2[0-3]):([0-5]\d)$/;

export const LOCAL_DATE_PATTERN = DATE;
export const LOCAL_DATE_TIME_PATTERN = DATE_TIME;
export const CLOCK_PATTERN = CLOCK;

/** True for a date that is on the calendar: 2027-02-28, not 2027-02-30. */
export function isLocalDate(text: string): boolean {
  const found = DATE.exec(text);
  return found !== null && formatDate(dayOfParts(found)) === text;
}

/** True for `YYYY-MM-DDTHH:mm` on a real date. */
export function isLocalDateTime(text: string): boolean {
  return DATE_TIME.test(text) && isLocalDate(text.slice(0, 10));
}

/**
 * The minute of a local date-time that passed `isLocalDateTime`.
 *
 *     minuteOf('1970-01-02T00:30') // => 1470
 */
export function minuteOf(dateTime: string): Minute {
  return dayOf(dateTime.slice(0, 10)) * MINUTES_A_DAY + clockMinutes(dateTime.slice(11));
}

/** The day number of a date that passed `isLocalDate`. */
export function dayOf(date: string): DayNumber {
  const found = DATE.exec(date);
  if (!found) throw new Error(`Not a local date: ${date}`);
  return dayOfParts(found);
}

/** Minutes since midnight of `HH:mm`. */
export function clockMinutes(clock: string): number {
  return Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));
}

/** `HH:mm` of minutes since midnight. */
export function clockOf(minutes: number): string {
  return `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
}

export function dayOfMinute(minute: Minute): DayNumber {
  return Math.floor(minute / MINUTES_A_DAY);
}

export function midnightOf(day: DayNumber): Minute {
  return day * MINUTES_A_DAY;
}

/** `YYYY-MM-DD`. */
export function formatDate(day: DayNumber): string {
  return new Date(day * MINUTES_A_DAY * MS_A_MINUTE).toISOString().slice(0, 10);
}

/** `YYYY-MM-DDTHH:mm`. */
export function formatMinute(minute: Minute): string {
  return new Date(minute * MS_A_MINUTE).toISOString().slice(0, 16);
}

/** 1 Monday … 7 Sunday. */
export function weekdayOf(day: DayNumber): number {
  return ((day + 3) % 7) + 1;
}

function dayOfParts(found: RegExpExecArray): DayNumber {
  const ms = Date.UTC(Number(found[1]), Number(found[2]) - 1, Number(found[3]));
  return Math.round(ms / (MINUTES_A_DAY * MS_A_MINUTE));
}

/** The same day so many months later; the last of the month where that has no such day. */
export function plusMonths(date: string, months: number): string {
  const [year = 0, month = 1, day = 1] = date.split('-').map(Number);
  const first = new Date(Date.UTC(year, month - 1 + months, 1));
  const last = new Date(Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1, 0)).getUTCDate();
  const there = Date.UTC(first.getUTCFullYear(), first.getUTCMonth(), Math.min(day, last));
  return formatDate(Math.round(there / (MS_A_MINUTE * MINUTES_A_DAY)));
}

/** How long something lasts by the clock on the wall, in minutes. */
export function minutesOf(span: { readonly start: string; readonly end: string }): number {
  return minuteOf(span.end) - minuteOf(span.start);
}
