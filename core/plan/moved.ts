import type { Plan } from './plan';
import type { Problem } from './problem';

/** Tasks planned in both plans with a hands-on step on another date or by other people. */
export function movedBetween({ tasks }: Problem, before: Plan, after: Plan): number {
  const [old, now] = [handsOf(before), handsOf(after)];
  return tasks.filter(({ steps }) => {
    const hands = steps.filter(({ id, mode }) => mode === 'hands' && old.has(id) && now.has(id));
    return hands.some(({ id }) => old.get(id) !== now.get(id));
  }).length;
}

/** By step, on which dates and by whom, as one text. */
function handsOf({ entries }: Plan): Map<string, string> {
  const lines = new Map<string, string[]>();
  for (const { step, start, people } of entries) {
    if (people.length === 0) continue;
    lines.set(step, [...(lines.get(step) ?? []), `${start.slice(0, 10)} ${[...people].sort().join()}`]);
  }
  return new Map([...lines].map(([step, parts]) => [step, parts.sort().join('; ')]));
}
