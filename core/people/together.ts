import { clockMinutes } from '../basics/local-time';
import type { Member, WeeklyHours } from './member';

/** So long have two to be there at the same time to lift something, in minutes. */
const LONG_ENOUGH = 20;

/** Whether two of some people are ever there at the same time, by the hours of their week. */
export function areEverTogether(people: readonly Pick<Member, 'hours'>[]): boolean {
  const stretches = people.flatMap(({ hours }, who) => hours.map((hour) => ({ ...minutesOf(hour), who })));
  stretches.sort((a, b) => a.from - b.from);
  // Whoever stays longest so far, and who stays longest of all others.
  let [longest, other] = [NOBODY, NOBODY];
  for (const stretch of stretches) {
    const beside = stretch.who === longest.who ? other : longest;
    if (Math.min(beside.to, stretch.to) - stretch.from >= LONG_ENOUGH) return true;
    if (stretch.to > longest.to) {
      if (stretch.who !== longest.who) other = longest;
      longest = stretch;
    } else if (stretch.who !== longest.who && stretch.to > other.to) other = stretch;
  }
  return false;
}

const NOBODY = { who: -1, from: Number.NEGATIVE_INFINITY, to: Number.NEGATIVE_INFINITY };
const MINUTES_A_DAY = 24 * 60;

/** Minutes of the week, which begins on Monday at midnight. */
function minutesOf({ weekday, from, to }: WeeklyHours): { from: number; to: number } {
  const start = weekday * MINUTES_A_DAY;
  return { from: start + clockMinutes(from), to: start + clockMinutes(to) };
}
