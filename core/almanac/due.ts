import { isSecondGo } from '../basics/ids';
import { plusMonths } from '../basics/local-time';
import type { WorkKind } from '../catalogue/work-kinds';
import { type LastDone, lastDoneKey } from '../clean/last-done';
import { type Mark, markKey } from '../clean/marks';
import type { HomeFacts } from '../home/facts';
import { intervalFor, type Marks } from '../scope/scope';
import type { CleanTask } from '../work/task';

/** Nobody knows, it is not due yet, it is due within a month, or it has been for a while. */
export type DueState = 'unknown' | 'not-yet' | 'due' | 'overdue';

/** When one job at one thing was done last, and when it is due again. */
export type AlmanacEntry = {
  readonly task: CleanTask;
  readonly kind: WorkKind;
  readonly months: number;
  /** Whether the weekly or monthly round covers it: no deep clean has to. */
  readonly routine: boolean;
  readonly last: string | undefined;
  readonly due: string | undefined;
  readonly state: DueState;
  /** Days since it was due; below nothing where it is not yet. */
  readonly overdueDays: number;
  readonly minutes: number;
  /** What was decided about just this job. */
  readonly mark: Mark | undefined;
};

/** What comes round as often as this is done in the weekly or monthly round. */
const ROUTINE_MONTHS = 1;
const SOON_DAYS = 30;
const MS_A_DAY = 86_400_000;

export type AlmanacFrom = {
  /** All that could be done in the home. */
  readonly listed: readonly CleanTask[];
  readonly lastDone: readonly LastDone[];
  readonly marks: Marks;
  readonly facts: HomeFacts;
  readonly today: string;
};

/** Every job of a home with its dates, in walking order; what is left for good has none. */
export function almanacOf({ listed, lastDone, marks, facts, today }: AlmanacFrom): AlmanacEntry[] {
  const last = new Map(lastDone.map(({ fixture, method, date }) => [lastDoneKey(fixture, method), date]));
  return listed.filter(comesRound).map((task) => {
    const { fixture, method, room } = task;
    const months = intervalFor({ id: task.id, method, room }, marks, facts);
    const done = later(last.get(lastDoneKey(fixture.id, method.id)), fixture.lastDone);
    const due = done === undefined ? undefined : plusMonths(done, months);
    const overdueDays = due === undefined ? 0 : daysBetween(due, today);
    return {
      task,
      kind: method.kind,
      months,
      routine: method.routine || months <= ROUTINE_MONTHS,
      last: done,
      due,
      state: stateOf(due, overdueDays),
      overdueDays,
      minutes: task.estimate.hands.minutes,
      mark: marks.get(markKey({ on: 'task', target: task.id })),
    };
  });
}

/** Neither what somebody leaves for good nor what is done only where it is needed. */
function comesRound(task: CleanTask): boolean {
  const { fixture, method, scope } = task;
  return (
    !isSecondGo(task.id) && !fixture.leave && (!method.occasional || scope.in) && scope.reason !== 'left'
  );
}

function later(one: string | undefined, other: string | undefined): string | undefined {
  if (one === undefined || other === undefined) return one ?? other;
  return one > other ? one : other;
}

function stateOf(due: string | undefined, overdueDays: number): DueState {
  if (due === undefined) return 'unknown';
  if (overdueDays > 0) return 'overdue';
  return overdueDays >= -SOON_DAYS ? 'due' : 'not-yet';
}

/** Days from one date to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(`${to}T00:00Z`) - Date.parse(`${from}T00:00Z`)) / MS_A_DAY);
}

/** How pressing a job is: how much of its interval has gone by, 1 where it is just due; what nobody knows of is a little late. */
export function urgencyOf({ months, last, overdueDays }: AlmanacEntry): number {
  if (last === undefined) return UNKNOWN_URGENCY;
  const days = months * DAYS_A_MONTH;
  return (days + overdueDays) / days;
}

const UNKNOWN_URGENCY = 1.1;
const DAYS_A_MONTH = 30.4;
