/**
 * Names of days and months. They stand here rather than being asked of the browser: making a formatter takes a phone as long as
 * drawing a page.
 */

export const DAY_NAMES = [
  'Sunday',
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
] as const;

export const MONTH_NAMES = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;

const SHORT_DAY = 3;

/** `Fri`. */
export const shortDay = (name: string) => name.slice(0, SHORT_DAY);

/** `Mar`, but `Sept`. */
export const shortMonth = (name: string) => (name === 'September' ? 'Sept' : name.slice(0, SHORT_DAY));

export type NamedDate = {
  readonly weekday: string;
  readonly day: number;
  readonly month: string;
  readonly year: number;
};

/** The parts of a `YYYY-MM-DD`, by name. Throws where it is no date. */
export function namedDate(date: string): NamedDate {
  const at = new Date(`${date}T00:00Z`);
  const [weekday, month] = [DAY_NAMES[at.getUTCDay()], MONTH_NAMES[at.getUTCMonth()]];
  if (!weekday || !month) throw new RangeError(`${date} is no date.`);
  return { weekday, day: at.getUTCDate(), month, year: at.getUTCFullYear() };
}
