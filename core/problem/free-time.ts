import {
  type DayNumber,
  formatDate,
  formatMinute,
  midnightOf,
  minuteOf,
  weekdayOf,
} from '../basics/local-time';
import { AT_HOME } from '../people/at-home';
import type { Member } from '../people/member';

type Window = { readonly start: string; readonly end: string };

/** When a person is free on a date: the hours of that weekday, or those said of that date, less what is busy. */
export function freeOn(member: Pick<Member, 'hours' | 'exceptions' | 'busy'>, day: DayNumber): Window[] {
  const date = formatDate(day);
  const exception = member.exceptions.find((known) => known.date === date);
  const hours = exception?.hours ?? member.hours.filter(({ weekday }) => weekday === weekdayOf(day));
  return lessBusy(member, day, hours);
}

/**
 * When a person is at home on a date: while free, and in the hours that they said besides, but for what they are busy
 * with; not on a date on which they are not there.
 */
export function homeOn(
  member: Pick<Member, 'hours' | 'exceptions' | 'busy' | 'atHome'>,
  day: DayNumber,
): Window[] {
  const isAway = member.exceptions.some(({ date, hours }) => date === formatDate(day) && hours.length === 0);
  const besides = member.atHome && !isAway ? [AT_HOME[member.atHome]] : [];
  return [...freeOn(member, day), ...lessBusy(member, day, besides)];
}

function lessBusy(
  member: Pick<Member, 'busy'>,
  day: DayNumber,
  hours: readonly { readonly from: string; readonly to: string }[],
): Window[] {
  const date = formatDate(day);
  const busy = member.busy
    .map(({ start, end }) => ({ start: minuteOf(start), end: minuteOf(end) }))
    .filter(({ start, end }) => end > midnightOf(day) && start < midnightOf(day + 1));
  return hours.flatMap(({ from, to }) =>
    without({ start: minuteOf(`${date}T${from}`), end: minuteOf(`${date}T${to}`) }, busy).map(
      ({ start, end }) => ({
        start: formatMinute(start),
        end: formatMinute(end),
      }),
    ),
  );
}

type Span = { readonly start: number; readonly end: number };

function without(window: Span, busy: readonly Span[]): Span[] {
  return busy.reduce<Span[]>(
    (left, taken) =>
      left
        .flatMap(({ start, end }) => [
          { start, end: Math.min(end, taken.start) },
          { start: Math.max(start, taken.end), end },
        ])
        .filter(({ start, end }) => start < end),
    [window],
  );
}
