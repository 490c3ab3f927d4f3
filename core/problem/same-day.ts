import { minuteOf } from '../basics/local-time';
import { plannedMinutes, type StepEstimate } from '../estimate/estimate';
import type { ProblemPerson, ProblemStep, ProblemTask } from '../plan/problem';
import { isPutAway } from '../work/put-away-loads';
import type { CleanTask } from '../work/tasks';

/** What is emptied, stripped or wet is put back on the day on which it was taken out. */

/** The longest that anybody works on one date, and how far apart its first hour and its last lie; in minutes. */
export type LongestDay = { readonly hands: number; readonly span: number };

export function longestDay(people: readonly ProblemPerson[], sessionCap: number): LongestDay {
  let [hands, span] = [0, 0];
  const dates = new Map<string, { from: number; to: number }>();
  for (const { windows, dailyCap } of people)
    for (const { start, end } of windows) {
      const [from, to] = [minuteOf(start), minuteOf(end)];
      hands = Math.max(hands, Math.min(to - from, dailyCap, sessionCap));
      const date = dates.get(start.slice(0, 10)) ?? { from, to };
      date.from = Math.min(date.from, from);
      date.to = Math.max(date.to, to);
      dates.set(start.slice(0, 10), date);
      span = Math.max(span, date.to - date.from);
    }
  return { hands, span };
}

/** Waits beyond this are longer than a day's work: a shampooed carpet dries overnight. */
const MOST_WAITING = 240;

/** Kinds of work in which something is emptied or stripped. */
const TAKEN_OUT: ReadonlySet<string> = new Set(['belongings', 'textiles']);

/** What leaves a bed so that nobody can sleep in it, and when it is to be made again. */
const BARE_BED: ReadonlySet<string> = new Set(['bed-linen', 'mattress-freshen']);
/** What a bed can be without for a night, where no day is long enough to have it back. */
const OFF_THE_BED: ReadonlySet<string> = new Set(['protector-wash', 'duvet-wash', 'bedding-air']);
const BEDTIME = '21:00';

type StepMinutes = Pick<ProblemStep, 'mode' | 'minutes'>;

/** Whether a task belongs on one date, and by when it ends there. */
export function keptToADay(
  task: CleanTask,
  steps: readonly StepMinutes[],
  longest: LongestDay,
): Pick<ProblemTask, 'sameDay' | 'by'> {
  const { method, away } = task;
  const comesBack = comesBackTheSameDay([...steps, ...(away?.steps ?? []).map(minutesIn)], longest);
  if (BARE_BED.has(method.id) || (OFF_THE_BED.has(method.id) && comesBack)) return { by: BEDTIME };
  const isOnce = method.sameDay || (TAKEN_OUT.has(method.kind) && comesBack && !isPutAway(task));
  return isOnce ? { sameDay: true } : {};
}

/** Begun and ended by hand, with no wait that asks for more, and short enough for the longest day that there is. */
function comesBackTheSameDay(steps: readonly StepMinutes[], { hands, span }: LongestDay): boolean {
  const byHand = steps.filter(({ mode }) => mode === 'hands');
  const waiting = minutesOf(steps.filter(({ mode }) => mode === 'wait'));
  const working = minutesOf(byHand);
  return byHand.length > 1 && waiting <= MOST_WAITING && working <= hands && working + waiting <= span;
}

function minutesIn(estimate: StepEstimate): StepMinutes {
  return { mode: estimate.step.mode, minutes: plannedMinutes(estimate) };
}

function minutesOf(steps: readonly StepMinutes[]): number {
  return steps.reduce((sum, { minutes }) => sum + minutes, 0);
}
