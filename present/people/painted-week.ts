import { clockMinutes, clockOf } from '@/core/basics/local-time';
import type { WeeklyHours } from '@/core/people/member';

/** A usual week as a sheet of half hours that one paints on: days beside each other, rows from morning to night. */

const HALF_HOUR = 30;
const FIRST = 6 * 60;
const LAST = 23 * 60;
export const WEEK_ROWS = (LAST - FIRST) / HALF_HOUR;
export const WEEK_DAYS = 7;

/** A half hour of a day: `day` from 0 for Monday, `row` from 0 for six in the morning. */
export type Cell = { readonly day: number; readonly row: number };

export function clockOfRow(row: number): string {
  return clockOf(FIRST + row * HALF_HOUR);
}

/** Whether somebody is free at the middle of a half hour. */
export function isFreeAt(hours: readonly WeeklyHours[], { day, row }: Cell): boolean {
  const middle = FIRST + row * HALF_HOUR + HALF_HOUR / 2;
  return hours.some(
    ({ weekday, from, to }) =>
      weekday === day + 1 && clockMinutes(from) <= middle && middle < clockMinutes(to),
  );
}

/** The hours after some half hours have been painted free or not; days that were not touched stay to the minute. */
export function painted(hours: readonly WeeklyHours[], cells: readonly Cell[], free: boolean): WeeklyHours[] {
  const days = new Set(cells.map(({ day }) => day));
  const isPainted = (day: number, row: number) => cells.some((cell) => cell.day === day && cell.row === row);
  const anew = [...days].flatMap((day) =>
    rangesOn(day, (row) => (isPainted(day, row) ? free : isFreeAt(hours, { day, row }))),
  );
  const outside = hours.filter(({ weekday, to, from }) => days.has(weekday - 1) && isOutside(from, to));
  return [...hours.filter(({ weekday }) => !days.has(weekday - 1)), ...outside, ...anew].sort(
    (a, b) => a.weekday - b.weekday || a.from.localeCompare(b.from),
  );
}

/** Before the sheet begins or after it ends. */
function isOutside(from: string, to: string): boolean {
  return clockMinutes(to) <= FIRST || clockMinutes(from) >= LAST;
}

function rangesOn(day: number, isFree: (row: number) => boolean): WeeklyHours[] {
  const found: WeeklyHours[] = [];
  let since: number | undefined;
  for (let row = 0; row <= WEEK_ROWS; row++) {
    const free = row < WEEK_ROWS && isFree(row);
    if (free) since ??= row;
    else if (since !== undefined) {
      found.push({ weekday: day + 1, from: clockOfRow(since), to: clockOfRow(row) });
      since = undefined;
    }
  }
  return found;
}

/** The half hours in the box between two of them. */
export function boxOf(a: Cell, b: Cell): Cell[] {
  const span = (one: number, other: number) =>
    Array.from({ length: Math.abs(one - other) + 1 }, (_, i) => Math.min(one, other) + i);
  return span(a.day, b.day).flatMap((day) => span(a.row, b.row).map((row) => ({ day, row })));
}
