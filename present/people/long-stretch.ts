import { clockMinutes, clockOf } from '@/core/basics/local-time';
import type { WeeklyHours } from '@/core/people/member';
import { duration } from '../words/words';
import { WEEKDAYS } from './weekdays';

/** Longer than this without a meal nobody works for long. */
const LONG_MINUTES = 6 * 60;
const MEAL_MINUTES = 60;

export type LongStretch = {
  readonly words: string;
  /** The same hours with a meal in the middle of each long stretch. */
  readonly withMeal: readonly WeeklyHours[];
};

/** What is to be said of hours that run on for longer than people manage; undefined where none do. */
export function longStretch(hours: readonly WeeklyHours[]): LongStretch | undefined {
  const long = hours.filter((one) => lengthOf(one) >= LONG_MINUTES);
  const [first] = long;
  if (!first) return undefined;
  return {
    words: `${WEEKDAYS[first.weekday - 1]} has ${duration(lengthOf(first))} in one stretch. Most people manage four to five hours of cleaning on a day, with a meal between.`,
    withMeal: hours.flatMap((one) => (long.includes(one) ? halves(one) : [one])),
  };
}

function lengthOf({ from, to }: WeeklyHours): number {
  return clockMinutes(to) - clockMinutes(from);
}

/** Before and after a meal in the middle, to the half hour. */
function halves(stretch: WeeklyHours): WeeklyHours[] {
  const middle = (clockMinutes(stretch.from) + clockMinutes(stretch.to) - MEAL_MINUTES) / 2;
  const meal = Math.round(middle / 30) * 30;
  return [
    { ...stretch, to: clockOf(meal) },
    { ...stretch, from: clockOf(meal + MEAL_MINUTES) },
  ];
}
