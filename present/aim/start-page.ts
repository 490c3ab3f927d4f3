import { minuteOf } from '@/core/basics/local-time';
import type { Plan } from '@/core/plan/plan';

/** Where the application begins when it is opened from a phone. */

type At = {
  /** Wall clock of the home. */
  readonly now: string;
  readonly hasRooms: boolean;
  readonly sessions: Plan['sessions'] | undefined;
};

/** A session that begins within these is what one has come for. */
const SOON_MINUTES = 120;
/** From then on one looks at tomorrow. */
const EVENING = '18:00';

export function startPage({ now, hasRooms, sessions }: At): string {
  if (!hasRooms) return '/walk';
  if (!sessions) return '/aim';
  const today = now.slice(0, 10);
  const open = sessions.filter(({ end }) => end > now).toSorted((a, b) => a.start.localeCompare(b.start));
  const [next] = open;
  if (!next) return '/aim';
  if (minuteOf(next.start) - minuteOf(now) <= SOON_MINUTES) return '/day';
  if (next.date === today) return '/day';
  return now.slice(11) >= EVENING ? `/day/${next.date}` : '/almanac/today';
}
