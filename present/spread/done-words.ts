import type { Plan } from '@/core/plan/plan';
import { longDate } from '../words/words';

/**
 * `All is done on Friday 26 March`, by the last work of hands; what dries or rests until a later date is said apart.
 * Undefined where nothing is planned.
 */
export function doneWords(plan: Plan): string | undefined {
  const ready = plan.metrics.finish?.slice(0, 10);
  if (!ready) return undefined;
  const done = lastWorkOn(plan) ?? ready;
  // All is never done beside something that is left out.
  const words = `${plan.unplaced.length > 0 ? 'What fits' : 'All'} is done on ${longDate(done)}`;
  return ready > done ? `${words}, and the last of it is ready on ${longDate(ready)}` : words;
}

function lastWorkOn({ sessions }: Plan): string | undefined {
  return sessions
    .map(({ date }) => date)
    .sort()
    .at(-1);
}

/** Where the whole plan ends, beside the finish line. */
export function endWords(plan: Plan, line: string): string {
  const done = doneWords(plan);
  if (done && plan.metrics.finish?.slice(0, 10) === line) return `${done}, the finish line.`;
  if (done) return `${done}; the finish line is ${longDate(line)}.`;
  return plan.unplaced.length > 0
    ? 'Nothing fits into the time that is left; what has no place stands below.'
    : 'Nothing is left to plan.';
}
