import { clockMinutes, dayOfMinute, MINUTES_A_DAY, type Minute, midnightOf } from './local-time';
import type { Daily } from './scalars';

/** Times of every day, as minutes from a midnight; one that runs past midnight ends beyond the day's length. */
export type DailySpan = { readonly from: number; readonly to: number };

/** The two alike: no time at all. */
export function dailySpans(times: readonly Daily[]): DailySpan[] {
  return times
    .map(({ from, to }) => ({ from: clockMinutes(from), to: clockMinutes(to) }))
    .filter(({ from, to }) => from !== to)
    .map(({ from, to }) => ({ from, to: to < from ? to + MINUTES_A_DAY : to }));
}

/** When the time ends that shares a minute with [start, end); undefined where none does. */
export function dailyUntil(times: readonly DailySpan[], start: Minute, end: Minute): Minute | undefined {
  let until: Minute | undefined;
  for (let day = dayOfMinute(start) - 1; midnightOf(day) < end; day++)
    for (const { from, to } of times) {
      const [begins, ends] = [midnightOf(day) + from, midnightOf(day) + to];
      if (begins < end && ends > start) until = Math.max(until ?? ends, ends);
    }
  return until;
}

/** The first start from `from` on at which `length` minutes keep out of such times; infinite where none does. */
export function clearOfDaily(times: readonly DailySpan[], length: number, from: Minute): Minute {
  if (times.length === 0 || length <= 0) return from;
  let start = from;
  // What does not fit within two days never will.
  while (start - from <= 2 * MINUTES_A_DAY) {
    const until = dailyUntil(times, start, start + length);
    if (until === undefined) return start;
    start = until;
  }
  return Number.POSITIVE_INFINITY;
}
