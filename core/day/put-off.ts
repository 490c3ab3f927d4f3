import { dayOf, formatDate } from '../basics/local-time';
import type { HouseholdChange } from '../household/change';

/** Tasks for tomorrow at the earliest. */
export function putOff(tasks: readonly string[], today: string): HouseholdChange {
  const from = formatDate(dayOf(today) + 1);
  return { do: 'later', later: tasks.map((task) => ({ task, from })) };
}
