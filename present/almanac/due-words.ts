import type { AlmanacEntry } from '@/core/almanac/due';
import { count, dateWithYear } from '../words/words';

const DAYS_A_MONTH = 30.4;
const FEW_DAYS = 45;

/** `late by 3 months, last done 2 Apr 2026`; `due 4 May 2027`; `nobody knows when it was done last`. */
export function dueWords({
  state,
  due,
  last,
  overdueDays,
}: Pick<AlmanacEntry, 'state' | 'due' | 'last' | 'overdueDays'>): string {
  if (state === 'unknown' || due === undefined || last === undefined)
    return 'nobody knows when it was done last';
  if (state === 'overdue') return `late by ${lapse(overdueDays)}, last done ${dateWithYear(last)}`;
  return `due ${dateWithYear(due)}, last done ${dateWithYear(last)}`;
}

/** `12 days`, `3 months`. */
export function lapse(days: number): string {
  return days < FEW_DAYS
    ? count(days, 'day', 'days')
    : count(Math.round(days / DAYS_A_MONTH), 'month', 'months');
}

/** `every 6 months`, `every 2 years`. */
export function everyWords(months: number): string {
  if (months === 1) return 'every month';
  if (months === 12) return 'every year';
  return months % 12 === 0 ? `every ${months / 12} years` : `every ${months} months`;
}

/** `The same house. 120 jobs are due by 1 Jun 2027, 40 are not yet; times are as learnt.` */
export function dueBy(entries: readonly Pick<AlmanacEntry, 'due' | 'routine'>[], finish: string): string {
  const deep = entries.filter(({ routine }) => !routine);
  const notYet = deep.filter(({ due }) => due !== undefined && due > finish).length;
  return `The same house, the same people. ${count(deep.length - notYet, 'job is', 'jobs are')} due by ${dateWithYear(finish)}${notYet > 0 ? `; ${count(notYet, 'was', 'were')} done lately enough to stay out` : ''}. Times are as you have shown.`;
}
