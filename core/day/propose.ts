import type { DayItem, RunningWait } from './day-item';
import { type Second, secondOf } from './seconds';

/** A wait that begins this far ahead or less is worth fitting work into. */
const LOOKS_AHEAD = 120 * 60;

/** What there is to know of a step besides what is planned. */
type Known = {
  readonly minutesLeft: (item: DayItem) => number;
  /** Somebody else stands and waits for it. */
  readonly isAwaited: (item: DayItem) => boolean;
};

/**
 * What to do now, of what is ready, by the real clock: what a wait that is over hangs on, then what somebody else waits
 * for, then what fits before the next wait is over, then what fits before it must be seen to, then the shortest; of
 * equals, as planned.
 */
export function propose(
  ready: readonly DayItem[],
  waits: readonly RunningWait[],
  now: Second,
  { minutesLeft, isAwaited }: Known,
): DayItem | undefined {
  const due = ready.find((item) => waits.some((wait) => wait.next === item.step.id));
  if (due) return due;
  const awaited = ready.find(isAwaited);
  if (awaited) return awaited;
  const [soonest] = waits
    .filter((wait) => wait.next !== undefined && secondOf(`${wait.ready}:00`) > now)
    .sort((a, b) => a.ready.localeCompare(b.ready));
  const until = soonest && secondOf(`${soonest.ready}:00`);
  if (until === undefined || until - now > LOOKS_AHEAD) return ready[0];
  const latest = soonest?.latest ? secondOf(`${soonest.latest}:00`) : Number.POSITIVE_INFINITY;
  const fits = (item: DayItem, end: Second) => now + minutesLeft(item) * 60 <= end;
  return (
    ready.find((item) => fits(item, until)) ??
    ready.find((item) => fits(item, latest)) ??
    [...ready].sort((a, b) => minutesLeft(a) - minutesLeft(b))[0]
  );
}
