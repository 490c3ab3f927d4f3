import { minuteOf, minutesOf } from '../basics/local-time';
import type { Plan } from './plan';
import type { Problem } from './problem';

/** What one person offers from now on, and what the plan gives them, in minutes. */
export type PersonShare = { readonly person: string; readonly offered: number; readonly planned: number };

/** The time each person offers and the work each has, as the plan stands; time that has passed offers nothing. */
export function sharesOf({ people, now, policy }: Problem, plan: Plan): PersonShare[] {
  const from = now === undefined ? Number.NEGATIVE_INFINITY : minuteOf(now);
  return people.map((person) => ({
    person: person.id,
    offered: person.windows
      .filter((window) => !policy.reserve.includes(window.start.slice(0, 10)))
      .reduce((sum, { start, end }) => sum + Math.max(0, minuteOf(end) - Math.max(minuteOf(start), from)), 0),
    planned: plan.entries
      .filter((entry) => entry.people.includes(person.id))
      .reduce((sum, entry) => sum + minutesOf(entry), 0),
  }));
}
