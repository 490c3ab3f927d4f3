import { taskOfStep } from '../basics/ids';
import type { Clean } from '../clean/clean';
import type { HouseholdChange } from '../household/change';

/**
 * Ways to find new days for what was missed, the gentlest first: on one reserve day that is opened for it, on two, and
 * so on; at last on any day, with all reserve days opened. None where no reserve day is left.
 */
export function waysToRollOn(
  clean: Clean,
  slipped: readonly string[],
  today: string,
): readonly HouseholdChange[] {
  const tasks = [...new Set(slipped.map(taskOfStep))];
  const reserve = clean.reserve.filter((date) => date >= today).sort();
  const opening = (dates: readonly string[]): HouseholdChange => ({
    do: 'put-clean',
    clean: { ...clean, reserve: clean.reserve.filter((date) => !dates.includes(date)) },
  });
  const onReserve = reserve.map((_, i): HouseholdChange => {
    const opened = reserve.slice(0, i + 1);
    const later = tasks.map((task) => ({ task, from: opened[0] as string }));
    return { do: 'several', changes: [opening(opened), { do: 'later', later }] };
  });
  return reserve.length > 0 ? [...onReserve, opening(reserve)] : [];
}
