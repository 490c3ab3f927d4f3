import type { Clean } from '../formats/household';
import type { HouseholdChange } from '../household/change';
import { taskOfStep } from '../steering/steering';

/**
 * Ways to find new days for what was missed, the gentlest first: with one reserve day opened for it, with two, and so
 * on. The plan as it is makes room where none of them will do.
 */
export function waysToRollOn(
  clean: Clean,
  slipped: readonly string[],
  today: string,
): readonly HouseholdChange[] {
  const tasks = [...new Set(slipped.map(taskOfStep))];
  const reserve = clean.reserve.filter((date) => date >= today).sort();
  return reserve.map((_, i) => {
    const opened = reserve.slice(0, i + 1);
    return {
      do: 'several',
      changes: [
        {
          do: 'put-clean',
          clean: { ...clean, reserve: clean.reserve.filter((date) => !opened.includes(date)) },
        },
        { do: 'later', later: tasks.map((task) => ({ task, from: opened[0] as string })) },
      ],
    };
  });
}
