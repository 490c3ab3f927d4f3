import { dayOf, formatDate } from '../basics/local-time';
import type { Member } from './member';

type Exceptions = Member['exceptions'];
type Hours = Exceptions[number]['hours'];

/** So long may one be away, or have other hours, in one go: half a year. */
export const MOST_DAYS_AWAY = 183;

/**
 * The dates that differ, with these hours on each from one to another, both meant; what was said of them before holds no
 * longer. Undefined where the last lies before the first, or too far behind it.
 */
export function withDays(known: Exceptions, from: string, to: string, hours: Hours): Exceptions | undefined {
  const days = dayOf(to) - dayOf(from) + 1;
  if (days < 1 || days > MOST_DAYS_AWAY) return undefined;
  const added = Array.from({ length: days }, (_, i) => ({ date: formatDate(dayOf(from) + i), hours }));
  return [...known.filter(({ date }) => date < from || date > to), ...added].sort((a, b) =>
    a.date.localeCompare(b.date),
  );
}

/** Dates one after the other with the same hours, as one stretch. */
export type DaysAlike = { readonly from: string; readonly to: string; readonly hours: Hours };

export function stretchesOf(known: Exceptions): DaysAlike[] {
  const stretches: DaysAlike[] = [];
  for (const { date, hours } of [...known].sort((a, b) => a.date.localeCompare(b.date))) {
    const last = stretches.at(-1);
    if (last && dayOf(date) === dayOf(last.to) + 1 && isSame(last.hours, hours))
      stretches[stretches.length - 1] = { ...last, to: date };
    else stretches.push({ from: date, to: date, hours });
  }
  return stretches;
}

function isSame(a: Hours, b: Hours): boolean {
  return a.length === b.length && a.every(({ from, to }, i) => from === b[i]?.from && to === b[i]?.to);
}
