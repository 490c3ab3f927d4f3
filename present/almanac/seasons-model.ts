import type { AlmanacEntry } from '@/core/almanac/due';
import { seasonJobs } from '@/core/almanac/seasons';
import { tradesOf } from '@/core/almanac/trades';
import { type AlmanacSettings, SEASON_NAMES, SEASONS, type Season } from '@/core/clean/almanac-settings';
import { dateWithYear } from '../words/words';
import { everyWords } from './due-words';
import { type DueJob, dueJob } from './year-model';

/** What belongs to each season, and what trades come for, as plain data for the page. */
export type SeasonsScreen = {
  readonly seasons: readonly SeasonWords[];
  readonly trades: readonly TradeWords[];
};

export type SeasonWords = {
  readonly id: Season;
  readonly name: string;
  readonly jobs: readonly {
    readonly method: string;
    readonly title: string;
    readonly due: readonly DueJob[];
    readonly count: number;
  }[];
  /** Jobs of this home that are not on the list. */
  readonly others: readonly { readonly method: string; readonly title: string }[];
};

export type TradeWords = {
  readonly id: string;
  readonly what: string;
  readonly everyMonths: number;
  readonly every: string;
  readonly last: string | undefined;
  readonly when: string;
  readonly isLate: boolean;
  readonly off: boolean;
};

export function seasonsScreen(
  entries: readonly AlmanacEntry[],
  almanac: AlmanacSettings,
  today: string,
): SeasonsScreen {
  const titles = new Map(entries.map(({ task }) => [task.method.id, task.method.title]));
  return {
    seasons: SEASON_NAMES.map((id) => seasonWords(id, entries, titles, almanac)),
    trades: tradesOf(almanac, today).map(({ id, what, everyMonths, last, due, isLate, off }) => ({
      id,
      what,
      everyMonths,
      every: everyWords(everyMonths),
      last,
      when: due === undefined ? 'no date yet' : `${isLate ? 'was due' : 'due'} ${dateWithYear(due)}`,
      isLate,
      off,
    })),
  };
}

function seasonWords(
  id: Season,
  entries: readonly AlmanacEntry[],
  titles: ReadonlyMap<string, string>,
  almanac: AlmanacSettings,
): SeasonWords {
  const here = seasonJobs(id, almanac);
  const jobs = [...titles].filter(([method]) => here.has(method));
  return {
    id,
    name: SEASONS[id],
    jobs: jobs.map(([method, title]) => {
      const own = entries.filter(({ task }) => task.method.id === method);
      return {
        method,
        title,
        count: own.length,
        due: own.filter(({ state }) => state !== 'not-yet').map(dueJob),
      };
    }),
    others: [...titles]
      .filter(([method]) => !here.has(method))
      .map(([method, title]) => ({ method, title }))
      .sort((a, b) => a.title.localeCompare(b.title)),
  };
}
