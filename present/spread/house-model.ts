import { dayOf, formatDate, minutesOf } from '@/core/basics/local-time';
import type { PlanSession } from '@/core/plan/plan';
import type { Problem, ProblemStep, ProblemTask } from '@/core/plan/problem';
import type { Campaign } from '@/core/problem/campaign';

/** The house by day, ready to draw: rooms against dates, and the sessions of each date. */

export type DayCell = {
  /** Hands-on person-minutes that are done or planned on this date. */
  readonly done: number;
  readonly planned: number;
  /** Between the room's first and last work. */
  readonly open: boolean;
};

export type RoomDays = { readonly id: string; readonly cells: readonly DayCell[] };

export type HouseByDay = {
  readonly dates: readonly string[];
  readonly rooms: readonly RoomDays[];
  readonly sessions: ReadonlyMap<string, readonly PlanSession[]>;
};

export function houseByDay({ problem, plans }: Campaign): HouseByDay {
  const plan = plans?.latest.plan;
  const steps = stepsById(problem);
  const done = new Map<string, number>();
  const planned = new Map<string, number>();
  for (const { step, end } of problem.done ?? []) {
    const found = steps.get(step);
    if (found?.step.mode === 'hands')
      add(done, `${found.task.room} ${end.slice(0, 10)}`, found.step.minutes * (found.step.crew ?? 1));
  }
  const finished = new Set((problem.done ?? []).map((entry) => entry.step));
  for (const entry of plan?.entries ?? []) {
    const found = steps.get(entry.step);
    if (found?.step.mode === 'hands' && !finished.has(entry.step))
      add(planned, `${found.task.room} ${entry.start.slice(0, 10)}`, minutesOf(entry) * entry.people.length);
  }
  const dates = datesBetween(problem.start, problem.finish);
  const rooms = problem.rooms.map(({ id }) => roomDays(id, dates, done, planned));
  const sessions = new Map<string, PlanSession[]>();
  for (const session of plan?.sessions ?? [])
    sessions.set(session.date, [...(sessions.get(session.date) ?? []), session]);
  return { dates, rooms, sessions };
}

function roomDays(
  id: string,
  dates: readonly string[],
  done: ReadonlyMap<string, number>,
  planned: ReadonlyMap<string, number>,
): RoomDays {
  const cells = dates.map((date) => ({
    done: done.get(`${id} ${date}`) ?? 0,
    planned: planned.get(`${id} ${date}`) ?? 0,
  }));
  const busy = (cell: { done: number; planned: number }) => cell.done + cell.planned > 0;
  const first = cells.findIndex(busy);
  const last = cells.findLastIndex(busy);
  return { id, cells: cells.map((cell, i) => ({ ...cell, open: first >= 0 && i >= first && i <= last })) };
}

function stepsById(problem: Problem): Map<string, { step: ProblemStep; task: ProblemTask }> {
  return new Map(
    problem.tasks.flatMap((task) => task.steps.map((step) => [step.id, { step, task }] as const)),
  );
}

function datesBetween(start: string, finish: string): string[] {
  return Array.from({ length: dayOf(finish) - dayOf(start) + 1 }, (_, i) => formatDate(dayOf(start) + i));
}

function add(map: Map<string, number>, key: string, minutes: number): void {
  map.set(key, (map.get(key) ?? 0) + minutes);
}
