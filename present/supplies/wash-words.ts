import { clock, count, longDate, shortDate } from '../words/words';
import type { WashScreen } from './wash-model';

/** Where the wash stands, in a sentence or two. */
export function washLead({ runs, waiting }: WashScreen): string {
  const [next] = runs;
  if (!next)
    return waiting.length === 0
      ? 'Nothing that is left of the clean goes into the wash.'
      : 'Days and hours follow once the work is spread. The label in each piece comes first.';
  const often = `${count(runs.length, 'run', 'runs')} of the machine on ${count(new Set(runs.map(({ start }) => start.slice(0, 10))).size, 'day', 'days')}.`;
  return `${often} The next is on ${longDate(next.start.slice(0, 10))} at ${clock(next.start)}. The label in each piece comes first.`;
}

/** A time of another date than one that was named: with its date. */
export function clockAfter(time: string, named: string): string {
  const date = time.slice(0, 10);
  return date === named.slice(0, 10) ? clock(time) : `${clock(time)} on ${shortDate(date)}`;
}
