import { dayOf, formatMinute, minuteOf, weekdayOf } from '../basics/local-time';
import type { Member } from '../people/member';

type Hours = Member['exceptions'][number]['hours'];

const LAST_MINUTE = '23:59';

/** The person with other hours on one date, whatever the week says. */
export function withHoursOn(member: Member, date: string, hours: Hours): Member {
  const exceptions = [...member.exceptions.filter((known) => known.date !== date), { date, hours }].sort(
    (a, b) => (a.date < b.date ? -1 : 1),
  );
  return { ...member, exceptions };
}

/** From a moment on, `YYYY-MM-DDTHH:mm`, for so many minutes, and no longer than the day; none for none. */
export function hoursFrom(at: string, minutes: number): Hours {
  const end = formatMinute(minuteOf(at) + minutes);
  const [from, to] = [at.slice(11), end.slice(0, 10) === at.slice(0, 10) ? end.slice(11) : LAST_MINUTE];
  return minutes > 0 && from < to ? [{ from, to }] : [];
}

/** The person with so many minutes more from a moment on, beside the hours of that date. */
export function withMoreFrom(member: Member, at: string, minutes: number): Member {
  const date = at.slice(0, 10);
  const weekday = weekdayOf(dayOf(date));
  const usual = member.hours
    .filter((hours) => hours.weekday === weekday)
    .map(({ from, to }) => ({ from, to }));
  const known = member.exceptions.find((exception) => exception.date === date)?.hours ?? usual;
  return withHoursOn(member, date, joined([...known, ...hoursFrom(at, minutes)]));
}

/** Hours that touch or overlap are one stretch. */
function joined(hours: Hours): Hours {
  const stretches: Hours = [];
  for (const next of hours.toSorted((a, b) => (a.from < b.from ? -1 : 1))) {
    const last = stretches.at(-1);
    if (last && next.from <= last.to)
      stretches.splice(-1, 1, { from: last.from, to: next.to > last.to ? next.to : last.to });
    else stretches.push(next);
  }
  return stretches;
}
