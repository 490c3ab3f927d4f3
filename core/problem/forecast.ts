import { type DayNumber, formatDate } from '../basics/local-time';
import { randomFrom } from '../basics/random';

/**
 * A small simulated forecast: whether a date is dry, drawn from a seed and the date alone, so that it says the same
 * however often it is asked. Wet days come in spells, more often in winter.
 */

/** How likely a wet day is after a dry one, by month. */
const TURNS_WET = [0.34, 0.31, 0.28, 0.25, 0.22, 0.2, 0.19, 0.2, 0.23, 0.28, 0.32, 0.35] as const;
/** How likely a wet day is followed by another. */
const STAYS_WET = 0.52;
/** A spell is not followed further back than this. */
const DAYS_ON_END = 16;

export function isForecastDry(seed: number, day: DayNumber): boolean {
  const first = Math.floor(day / DAYS_ON_END) * DAYS_ON_END;
  const random = randomFrom((seed ^ Math.imul(first, 2_654_435_761)) >>> 0);
  let wet = false;
  for (let at = first; at <= day; at++) {
    const month = Number(formatDate(at).slice(5, 7)) - 1;
    wet = random() < (wet ? STAYS_WET : (TURNS_WET[month] as number));
  }
  return !wet;
}
