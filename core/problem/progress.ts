import { fixtureOfTask } from '../basics/ids';
import { dayOfMinute, minuteOf } from '../basics/local-time';
import type { Problem } from '../plan/problem';

/** Hands-on person-minutes, all and done. */
export type Progress = { readonly total: number; readonly done: number };

/** How far each room is, by its id. */
export function progressByRoom(problem: Problem): Map<string, Progress> {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const rooms = new Map<string, Progress>();
  for (const task of problem.tasks) {
    const known = rooms.get(task.room) ?? { total: 0, done: 0 };
    const own = { total: 0, done: 0 };
    for (const step of task.steps) {
      if (step.mode === 'wait') continue;
      const minutes = step.minutes * (step.crew ?? 1);
      own.total += minutes;
      if (done.has(step.id)) own.done += minutes;
    }
    rooms.set(task.room, { total: known.total + own.total, done: known.done + own.done });
  }
  return rooms;
}

export function sumProgress(parts: Iterable<Progress>): Progress {
  let total = 0;
  let done = 0;
  for (const part of parts) {
    total += part.total;
    done += part.done;
  }
  return { total, done };
}

/** Fixtures all of whose tasks are ticked off. */
export function clearFixtures(problem: Problem): Set<string> {
  const done = new Set((problem.done ?? []).map((entry) => entry.step));
  const open = new Set<string>();
  const all = new Set<string>();
  for (const task of problem.tasks) {
    const fixture = fixtureOfTask(task.id);
    all.add(fixture);
    if (task.steps.some((step) => step.mode === 'hands' && !done.has(step.id))) open.add(fixture);
  }
  return new Set([...all].filter((fixture) => !open.has(fixture)));
}

/** Hands-on person-minutes that the people of a problem offer from `now` to its finish, by their windows and caps. */
export function offeredMinutes(problem: Problem): number {
  const now = problem.now === undefined ? Number.NEGATIVE_INFINITY : minuteOf(problem.now);
  const reserve = new Set(problem.policy.reserve);
  let sum = 0;
  for (const person of problem.people) {
    const byDate = new Map<number, number>();
    for (const window of person.windows) {
      const start = Math.max(minuteOf(window.start), now);
      const free = minuteOf(window.end) - start;
      if (free <= 0 || reserve.has(window.start.slice(0, 10))) continue;
      const day = dayOfMinute(start);
      byDate.set(day, (byDate.get(day) ?? 0) + free);
    }
    for (const free of byDate.values()) sum += Math.min(free, person.dailyCap);
  }
  return sum;
}
