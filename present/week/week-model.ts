import { taskOfStep } from '@/core/basics/ids';
import { dayOf, formatDate, minutesOf, weekdayOf } from '@/core/basics/local-time';
import type { Campaign } from '@/core/problem/campaign';
import type { CleanTask } from '@/core/work/tasks';
import { pieceOfWork } from '../words/piece-of-work';

/** A week as one person sees it: each date with its free time and its sessions, piece by piece. */

export type Piece = {
  readonly key: string;
  readonly start: string;
  readonly end: string;
  readonly job: string;
  readonly manner: string;
  readonly room: string;
  /** Others who do it at the same time. */
  readonly with: readonly string[];
};

export type PersonDate = {
  readonly date: string;
  /** When the person is free, as `start` and `end`. */
  readonly free: readonly { readonly start: string; readonly end: string }[];
  readonly pieces: readonly Piece[];
  /** Minutes of hands-on work. */
  readonly minutes: number;
};

const DAYS_A_WEEK = 7;

export function mondayOf(date: string): string {
  const day = dayOf(date);
  return formatDate(day - weekdayOf(day) + 1);
}

export function weekOf(
  { problem, plans }: Campaign,
  tasks: readonly CleanTask[],
  person: string,
  monday: string,
): PersonDate[] {
  const known = new Map(tasks.map((task) => [task.id, task]));
  const windows = problem.people.find(({ id }) => id === person)?.windows ?? [];
  const own = (plans?.latest.plan.entries ?? [])
    .filter((entry) => entry.people.includes(person))
    .sort((a, b) => (a.start < b.start ? -1 : 1));
  return Array.from({ length: DAYS_A_WEEK }, (_, i) => formatDate(dayOf(monday) + i)).map((date) => {
    const entries = own.filter((entry) => entry.start.startsWith(date));
    return {
      date,
      free: windows.filter((window) => window.start.startsWith(date)),
      minutes: entries.reduce((sum, entry) => sum + minutesOf(entry), 0),
      pieces: entries.map((entry) => {
        const id = taskOfStep(entry.step);
        const task = known.get(id);
        return {
          key: `${entry.step} ${entry.start}`,
          start: entry.start,
          end: entry.end,
          ...(task
            ? pieceOfWork(task, entry.step.slice(id.length + 1))
            : { job: 'A job that has changed meanwhile', manner: '' }),
          room: task?.room.name ?? '',
          with: entry.people.filter((other) => other !== person),
        };
      }),
    };
  });
}
