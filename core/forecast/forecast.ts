import { dayOfMinute, formatDate } from '../basics/local-time';
import { randomFrom } from '../basics/random';
import type { Plan } from '../plan/plan';
import type { Problem } from '../plan/problem';
import { carryOut, type Outcome } from './carry-out';
import { type Course, courseOf } from './course';
import { Fortune, type Habits, USUAL_HABITS } from './fortune';

/** When a clean will end, as far as anybody can know. */
export type Forecast = {
  /** Courses that were run. */
  readonly runs: number;
  readonly seed: number;
  /** By each date, the share of courses in which all that is planned was done at its end. */
  readonly dates: readonly { readonly date: string; readonly chance: number }[];
  /** The first date by which half of the courses, and four in five of them, had ended; null where so many never did. */
  readonly p50: string | null;
  readonly p80: string | null;
  /** The share of courses in which something was left at the end of the last date. */
  readonly unfinished: number;
  /** Planned hands-on minutes left at the end of each date: one course in ten has less than `low`, one more than `high`. */
  readonly fan: readonly FanPoint[];
};

export type FanPoint = {
  readonly date: string;
  readonly low: number;
  readonly middle: number;
  readonly high: number;
};

export type ForecastOptions = {
  readonly runs?: number;
  readonly seed?: number;
  readonly habits?: Habits;
  /** Tells of what has a place alone, where it is said beside it that something that must be done has none. */
  readonly ofWhatHasAPlace?: boolean;
  /** Asked between courses; what has been run by then is what is told. */
  readonly stop?: () => boolean;
};

export const USUAL_RUNS = 500;
const FEWEST_RUNS = 20;

/**
 * A plan carried out many times over, each time with other minutes, missed sessions, rain and machines. A clean in which
 * something that must be done has no place is never finished. Takes a second or so for 500 courses of 200 tasks.
 */
export function forecast(problem: Problem, plan: Plan, options: ForecastOptions = {}): Forecast {
  const { runs = USUAL_RUNS, seed = 1, habits = USUAL_HABITS, stop = () => false } = options;
  const course = courseOf(problem, plan);
  const isHopeless = course.lacksMust && !options.ofWhatHasAPlace;
  const random = randomFrom(seed);
  const outcomes: Pick<Outcome, 'end' | 'left'>[] = [];
  while (outcomes.length < runs && !(outcomes.length >= FEWEST_RUNS && stop())) {
    const { end, left } = carryOut(course, new Fortune(course, habits, random));
    outcomes.push({ end, left });
  }
  const ends = outcomes.map(({ end }) =>
    end === undefined || isHopeless ? Number.POSITIVE_INFINITY : dayOfMinute(end - 1e-6),
  );
  const dates = course.days.map(({ day }) => ({
    date: formatDate(day),
    chance: rounded(ends.filter((end) => end <= day).length / outcomes.length),
  }));
  return {
    runs: outcomes.length,
    seed,
    dates,
    p50: firstWith(dates, 0.5),
    p80: firstWith(dates, 0.8),
    unfinished: rounded(1 - (dates.at(-1)?.chance ?? 0)),
    fan: fanOf(
      course,
      outcomes.map(({ left }) => left),
    ),
  };
}

function firstWith(dates: Forecast['dates'], chance: number): string | null {
  return dates.find((one) => one.chance >= chance)?.date ?? null;
}

/** To a thousandth: no forecast knows more. */
function rounded(share: number): number {
  return Math.round(share * 1000) / 1000;
}

function fanOf({ days }: Course, lefts: readonly (readonly number[])[]): FanPoint[] {
  return days.map(({ day }, d) => {
    const sorted = lefts.map((left) => left[d] as number).sort((a, b) => a - b);
    const at = (share: number) => Math.round(sorted[Math.floor(share * (sorted.length - 1))] ?? 0);
    return { date: formatDate(day), low: at(0.1), middle: at(0.5), high: at(0.9) };
  });
}
