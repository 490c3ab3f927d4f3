import ICAL from 'ical.js';
import { MINUTES_A_DAY, minuteOf } from '../../basics/local-time';

/** How much may be followed, for a file as a whole. */
export type Budget = { occurrences: number };

/** A file repeats more often than can be followed. */
export class TooMany extends Error {}

/** One event repeats so often between two dates, or so long before them, that nobody can mean it. */
const MOST_OF_ONE = 5_000;

/** A day on either side, for what the zones may shift. */
const MARGIN_DAYS = 1;

/** Seconds between two steps of a rule that goes on evenly, so that it can be entered in its middle. */
const EVEN_SECONDS: Readonly<Record<string, number>> = {
  SECONDLY: 1,
  MINUTELY: 60,
  HOURLY: 3_600,
  DAILY: 86_400,
  WEEKLY: 604_800,
};

/**
 * The starts of an event that matter between two dates `YYYY-MM-DD`, both included, in the wall clock in which it is
 * written: its own start, those of its rule, and its extra dates. What was taken out is not judged here.
 */
export function startsOf(
  event: ICAL.Component,
  start: ICAL.Time,
  lengthSeconds: number,
  { from, to }: { readonly from: string; readonly to: string },
  budget: Budget,
): ICAL.Time[] {
  const days = MARGIN_DAYS + Math.ceil(lengthSeconds / 86_400);
  const first = minuteOf(`${from}T00:00`) - days * MINUTES_A_DAY;
  const last = minuteOf(`${to}T23:59`) + MARGIN_DAYS * MINUTES_A_DAY;
  const byRule = event
    .getAllProperties('rrule')
    .flatMap((rule) => repeated(rule.getFirstValue() as ICAL.Recur, start, first, last, budget));
  const extra = event.getAllProperties('rdate').flatMap((dates) => dates.getValues().flatMap(timeOf));
  return [...new Map([start, ...byRule, ...extra].map((time) => [time.toString(), time])).values()].filter(
    (time) => minutesOf(time) >= first && minutesOf(time) <= last,
  );
}

/** A date of an extra occurrence, which may be the beginning of a period. */
function timeOf(value: unknown): ICAL.Time[] {
  if (value instanceof ICAL.Time) return [value];
  return value instanceof ICAL.Period ? [value.start] : [];
}

function repeated(
  rule: ICAL.Recur,
  start: ICAL.Time,
  first: number,
  last: number,
  budget: Budget,
): ICAL.Time[] {
  const found: ICAL.Time[] = [];
  const iterator = rule.iterator(entered(rule, start, first));
  for (let i = 0; ; i++) {
    if (budget.occurrences-- <= 0 || i >= MOST_OF_ONE) throw new TooMany();
    const next = iterator.next() as ICAL.Time | null | undefined;
    if (!next || minutesOf(next) > last) return found;
    if (minutesOf(next) >= first) found.push(next.clone());
  }
}

/** Where to enter a rule: a whole number of its steps after its start and before what matters. One that counts has to be followed from its start. */
function entered(rule: ICAL.Recur, start: ICAL.Time, first: number): ICAL.Time {
  const stepSeconds = (EVEN_SECONDS[rule.freq] ?? 0) * Math.max(1, rule.interval);
  const seconds = (first - minutesOf(start)) * 60;
  if (rule.isByCount() || stepSeconds === 0 || seconds <= stepSeconds) return start;
  const inside = start.clone();
  inside.addDuration(ICAL.Duration.fromSeconds(Math.floor(seconds / stepSeconds - 1) * stepSeconds));
  // Read anew: a time that was only added to leads the iterator a day astray.
  return ICAL.Time.fromString(inside.toString(), undefined);
}

/** Minutes of the wall clock in which the time is written. */
function minutesOf(time: ICAL.Time): number {
  const { year, month, day } = time;
  const clock = time.isDate ? 0 : time.hour * 60 + time.minute;
  return Date.UTC(year, month - 1, day) / 60_000 + clock;
}
