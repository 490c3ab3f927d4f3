import { monthByTurns } from '@/core/almanac/by-turns';
import type { AlmanacEntry } from '@/core/almanac/due';
import { bestFor } from '@/core/almanac/now-and-then';
import type { AlmanacSettings } from '@/core/clean/almanac-settings';
import { MONTH_NAMES } from '../words/date-names';
import { count, duration } from '../words/words';
import { type DueJob, dueJob } from './year-model';

/** A little today: what is worth most for the time one has, and the month for those who go round by turns. */
export type TodayScreen = {
  readonly choices: readonly {
    readonly minutes: number;
    readonly jobs: readonly DueJob[];
    readonly takes: string;
  }[];
  readonly turns: MonthWords | undefined;
};

export type MonthWords = {
  readonly title: string;
  readonly line: string;
  readonly week: readonly DueJob[];
  readonly rest: readonly DueJob[];
};

/** A quarter of an hour before the bus, and an evening. */
export const LITTLE_TIMES = [20, 45, 90] as const;

export function todayScreen(
  entries: readonly AlmanacEntry[],
  {
    almanac,
    today,
    isSouth,
  }: { readonly almanac: AlmanacSettings; readonly today: string; readonly isSouth: boolean },
): TodayScreen {
  return {
    choices: LITTLE_TIMES.map((minutes) => {
      const set = bestFor(entries, minutes);
      const hands = set.reduce((sum, entry) => sum + entry.minutes, 0);
      return {
        minutes,
        jobs: set.map(dueJob),
        takes: set.length === 0 ? '' : `About ${duration(hands)} of work.`,
      };
    }),
    turns: almanac.roundSince === undefined ? undefined : monthWords(entries, { almanac, today, isSouth }),
  };
}

function monthWords(
  entries: readonly AlmanacEntry[],
  {
    almanac,
    today,
    isSouth,
  }: { readonly almanac: AlmanacSettings; readonly today: string; readonly isSouth: boolean },
): MonthWords {
  const month = monthByTurns(entries, almanac, today, isSouth);
  const inWeek = new Set(month.week);
  const name = MONTH_NAMES[Number(today.slice(5, 7)) - 1];
  return {
    title: month.area ? `${name}: ${month.area.name}` : `${name}: nothing is due`,
    line: [
      month.jobs.length > 0
        ? `${count(month.jobs.length, 'job', 'jobs')}, ${duration(month.minutes)} in all.`
        : '',
      month.later > 0
        ? `${count(month.later, 'more waits', 'more wait')} for a later month, so that no week is too full.`
        : '',
    ]
      .filter(Boolean)
      .join(' '),
    week: month.week.map(dueJob),
    rest: month.jobs.filter((entry) => !inWeek.has(entry)).map(dueJob),
  };
}
