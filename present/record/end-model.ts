import { seasonsOf } from '@/core/almanac/seasons';
import { SEASONS } from '@/core/clean/almanac-settings';
import type { PastClean } from '@/core/clean/past-clean';
import { count, dateWithYear, daysBetween, duration, hours, plusDays } from '../words/words';

/** A clean looked back at: figures as drawings, what was left, and how it was against the one before. */
export type EndScreen = {
  readonly title: string;
  readonly line: string;
  readonly reward: string;
  readonly figures: readonly { readonly name: string; readonly value: string; readonly before?: string }[];
  readonly people: readonly Bar[];
  readonly rooms: readonly Bar[];
  /** The clean that it is held against. */
  readonly against: string | undefined;
  readonly left: PastClean['left'];
  readonly mend: readonly string[];
  /** What estimates have learnt from it. */
  readonly lessons: readonly string[];
};

export type Bar = {
  readonly name: string;
  readonly minutes: number;
  readonly words: string;
  /** The same in the clean before; undefined where it is not known. */
  readonly before: number | undefined;
};

export function endScreen(
  past: PastClean,
  before: PastClean | undefined,
  lessons: readonly string[] = [],
): EndScreen {
  return {
    title: past.name,
    line: `${dateWithYear(past.start)} to ${dateWithYear(past.closed)}, ${count(past.jobs, 'job', 'jobs')} done in ${count(past.sessions, 'session', 'sessions')}. ${estimateWords(past)}`,
    reward: past.reward,
    figures: FIGURES.flatMap(({ name, value }) => {
      const now = value(past);
      if (now === undefined) return [];
      const then = before && value(before);
      return [{ name, value: now, ...(then !== undefined && { before: then }) }];
    }),
    people: bars(past.people, before?.people),
    rooms: bars(past.rooms, before?.rooms),
    against: before?.name,
    left: past.left,
    mend: past.mend,
    lessons,
  };
}

/** What the household has learnt about itself, in a sentence. */
function estimateWords({ doneMinutes, estimatedMinutes }: PastClean): string {
  if (estimatedMinutes === 0) return '';
  const share = doneMinutes / estimatedMinutes;
  if (Math.abs(share - 1) < 0.05) return 'It took as long as estimated.';
  return share > 1
    ? `It took ${Math.round((share - 1) * 100)} % longer than estimated.`
    : `It took ${Math.round((1 - share) * 100)} % less than estimated.`;
}

type Figure = { readonly name: string; readonly value: (past: PastClean) => string | undefined };

/** One row a figure; none where there is nothing to tell. */
const FIGURES: readonly Figure[] = [
  { name: 'Hands-on work', value: ({ doneMinutes }) => hours(doneMinutes) },
  {
    name: 'Bags and boxes that left',
    value: ({ bags }) => told(bags.reduce((sum, { count: own }) => sum + own, 0)),
  },
  { name: 'Loads washed', value: ({ loads }) => told(loads) },
  {
    name: 'Products used, at usual prices',
    value: ({ spentCents }) => (spentCents === 0 ? undefined : (spentCents / 100).toFixed(2)),
  },
  {
    name: 'The longest job',
    value: ({ slowest }) => slowest && `${slowest.job}, ${slowest.place}: ${duration(slowest.minutes)}`,
  },
  { name: 'Left for next time', value: ({ left }) => told(left.length) },
];

function told(number: number): string | undefined {
  return number === 0 ? undefined : String(number);
}

function bars(now: PastClean['people'], before: PastClean['people'] | undefined): Bar[] {
  const then = new Map(before?.map(({ name, minutes }) => [name, minutes]));
  return now.map(({ name, minutes, jobs }) => ({
    name,
    minutes,
    words: `${duration(minutes)}, ${count(jobs, 'job', 'jobs')}`,
    before: then.get(name),
  }));
}

const DAYS_A_WEEK = 7;
const daysAfter = (first: string, today: string) => Math.max(0, daysBetween(first, today));

/** What the next clean is called and until when it goes, until somebody says otherwise. */
export function nextCleanOf(
  last: { readonly start: string; readonly finish: string },
  today: string,
  isSouth: boolean,
): { readonly name: string; readonly start: string; readonly finish: string } {
  const days = Math.max(0, daysBetween(last.start, last.finish));
  // What took one day is done on such a day of the week again, and not in what is left of today.
  const start =
    days > 0 ? today : plusDays(today, DAYS_A_WEEK - (daysAfter(last.start, today) % DAYS_A_WEEK));
  const [season = 'spring'] = seasonsOf(Number(start.slice(5, 7)), isSouth);
  return { name: `${SEASONS[season]} ${start.slice(0, 4)}`, start, finish: plusDays(start, days) };
}
