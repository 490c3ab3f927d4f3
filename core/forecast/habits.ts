import type { Plan } from '../plan/plan';
import { type Habits, USUAL_HABITS } from './fortune';

/** How many dates the usual rate counts for, beside a household's own. */
const DATES_FOR_USUAL = 12;

/**
 * A household's habits by how it has kept to a plan so far: of the dates with a session before today, those on which nothing
 * was done count as missed. Few dates hardly move the usual rate.
 */
export function habitsOf(
  plan: Pick<Plan, 'sessions'>,
  doneOn: ReadonlySet<string>,
  {
    today,
    wetDays = USUAL_HABITS.wetDays,
  }: { readonly today: string; readonly wetDays?: readonly number[] | undefined },
): Habits {
  const dates = new Set(plan.sessions.map(({ date }) => date).filter((date) => date < today));
  const missed = [...dates].filter((date) => !doneOn.has(date)).length;
  return {
    ...USUAL_HABITS,
    wetDays,
    missed: (missed + DATES_FOR_USUAL * USUAL_HABITS.missed) / (dates.size + DATES_FOR_USUAL),
  };
}

/** The chance that a clean is at its end by a date; 0 before the first date that is told. */
export function chanceBy(
  { dates }: { readonly dates: readonly { readonly date: string; readonly chance: number }[] },
  date: string,
): number {
  return dates.findLast((one) => one.date <= date)?.chance ?? 0;
}
