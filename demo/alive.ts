import { dayOf, minuteOf } from '../core/basics/local-time';
import { withMoreFrom } from '../core/day/hours-today';
import type { Household } from '../core/household/household';
import { freeOn } from '../core/problem/free-time';

/** Too short for anything to be shown in. */
const LEAST_MINUTES = 20;
const LATE_MINUTES = 100;

/**
 * The demo household as it is looked at: on any weekday and at any hour somebody has time today. Where everybody’s hours
 * are over, one of them stays up a little longer.
 */
export function aliveAt(household: Household, now: string): Household {
  const today = dayOf(now.slice(0, 10));
  const isAlive = household.people.some((member) =>
    freeOn(member, today).some(({ end }) => minuteOf(end) >= minuteOf(now) + LEAST_MINUTES),
  );
  const [first, ...others] = household.people;
  if (isAlive || !first) return household;
  return { ...household, people: [withMoreFrom(first, now, LATE_MINUTES), ...others] };
}
