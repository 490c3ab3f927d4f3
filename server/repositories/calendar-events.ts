import type { Known } from '../../present/calendar/identities';
import type { HouseholdScope } from '../db/scope';

/** Events that calendars were given. */

export async function loadEvents(scope: HouseholdScope): Promise<Known[]> {
  const rows: { value: string }[] = await scope.rows('calendar_events').orderBy('id').select('value');
  return rows.map(({ value }) => JSON.parse(value) as Known);
}

/** Takes the place of those that were there. */
export async function keepEvents(
  scope: HouseholdScope,
  before: readonly Known[],
  now: readonly Known[],
): Promise<void> {
  const left = new Set(now.map(({ uid }) => uid));
  await scope.dropAll(
    'calendar_events',
    before.map(({ uid }) => uid).filter((uid) => !left.has(uid)),
  );
  await scope.putAll(
    'calendar_events',
    now.map((event) => ({ id: event.uid, value: JSON.stringify(event) })),
    ['id'],
  );
}
