import { type DayNumber, formatDate } from '../basics/local-time';
import { randomFrom } from '../basics/random';

/**
 * A small simulated forecast: whether a date is dry, drawn from a seed and the date alone, so that it says the same
 * however often it is asked. Wet days come in spells, and as many of them as a month usually has.
 */

/** Days of each month that are wet, January first, where a household says nothing else: those of a temperate place. */
export const USUAL_WET_DAYS = [13, 11, 11, 10, 10, 9, 9, 9, 10, 11, 12, 13] as const;
/** How likely a wet day is followed by another, where a month has not even more of them. */
const STAYS_WET = 0.52;
/** A spell is not followed further back than this. */
const DAYS_ON_END = 16;
export const DAYS_A_MONTH = 30.4;

export function isForecastDry(
  seed: number,
  day: DayNumber,
  wetDays: readonly number[] = USUAL_WET_DAYS,
): boolean {
  const first = Math.floor(day / DAYS_ON_END) * DAYS_ON_END;
  const random = randomFrom((seed ^ Math.imul(first, 2_654_435_761)) >>> 0);
  let wet = false;
  for (let at = first; at <= day; at++) {
    const month = Number(formatDate(at).slice(5, 7)) - 1;
    wet = random() < chanceOfWet(Math.min(1, (wetDays[month] as number) / DAYS_A_MONTH), wet);
  }
  return !wet;
}

/** That a day is wet, after one that was or was not, so that in the long run so large a share of them is. */
export function chanceOfWet(share: number, wasWet: boolean): number {
  const stays = Math.max(STAYS_WET, share);
  if (share === 1) return share;
  return wasWet ? stays : (share * (1 - stays)) / (1 - share);
}
