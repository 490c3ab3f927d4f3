import { stepNames } from '../../present/calendar/step-names';
import { writeCalendar } from '../../present/calendar/write-calendar';
import type { HouseholdScope } from '../db/scope';
import { keptHousehold } from '../household/kept';

/** The sessions of a household's plan as an iCalendar file; without a plan it has no events. */
export async function sessionsCalendar(scope: HouseholdScope, person?: string): Promise<string> {
  const { household, tasks, plans } = await keptHousehold(scope);
  const { clean, timezone, name, people } = household;
  const empty = { entries: [], sessions: [] };
  return writeCalendar({
    name: `${name}: ${clean?.name ?? 'Early Thaw'}`,
    cleanId: clean?.id ?? 'clean',
    timezone,
    plan: plans?.latest.plan ?? empty,
    version: plans?.latest.version ?? 0,
    madeAt: plans?.latest.madeAt ?? '1970-01-01T00:00',
    people: new Map(people.map((member) => [member.id, member.name])),
    steps: stepNames(tasks),
    ...(person !== undefined && { person }),
  });
}
