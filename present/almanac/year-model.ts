import type { AlmanacEntry } from '@/core/almanac/due';
import { type YearBy, type YearRow, yearOf } from '@/core/almanac/year';
import { WORK_KINDS, type WorkKind } from '@/core/catalogue/work-kinds';
import type { Mark } from '@/core/clean/marks';
import type { RecordLine } from '@/core/clean/record-line';
import { MONTH_NAMES } from '../words/date-names';
import { count, duration } from '../words/words';
import { dueWords } from './due-words';

/** The year at a glance, as plain data for the page: rows by kind of work or room, a cell a month. */
export type YearScreen = {
  readonly year: string;
  readonly by: YearBy;
  readonly months: readonly { readonly month: string; readonly short: string; readonly isNow: boolean }[];
  readonly rows: readonly {
    readonly id: string;
    readonly name: string;
    readonly cells: readonly YearCellWords[];
  }[];
  readonly jobs: Readonly<Record<string, DueJob>>;
};

export type YearCellWords = {
  readonly month: string;
  /** `Windows in March: 3 done, 5 due, 2 of them late`. */
  readonly label: string;
  readonly done: number;
  readonly due: number;
  readonly late: number;
  /** Jobs that are due, late ones first. */
  readonly jobs: readonly string[];
};

/** A job that is due, as it is offered to be taken into the clean. */
export type DueJob = {
  readonly id: string;
  readonly job: string;
  readonly place: string;
  readonly when: string;
  readonly isLate: boolean;
  readonly minutes: number;
  /** Whether it is part of the clean already. */
  readonly isIn: boolean;
  /** How often it comes round, and whether somebody has said so. */
  readonly months: number;
  readonly isOwn: boolean;
  /** What is said of it already, which a press leaves as it is. */
  readonly mark: Mark;
};

type From = {
  readonly entries: readonly AlmanacEntry[];
  readonly record: readonly RecordLine[];
  readonly rooms: ReadonlyMap<string, string>;
  readonly year: string;
  readonly today: string;
  readonly by: YearBy;
};

const SHORT = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;

export function yearScreen({ entries, record, rooms, year, today, by }: From): YearScreen {
  const names = ({ kind, room }: { kind: string; room: string }) =>
    by === 'kind'
      ? { id: kind, name: WORK_KINDS[kind as WorkKind] }
      : { id: room, name: rooms.get(room) ?? 'A room that is gone' };
  const rows = yearOf(entries, record, { year, today, names });
  return {
    year,
    by,
    months: SHORT.map((short, i) => {
      const month = `${year}-${String(i + 1).padStart(2, '0')}`;
      return { month, short, isNow: month === today.slice(0, 7) };
    }),
    rows: rows.map((row) => ({
      id: row.id,
      name: row.name,
      cells: row.cells.map((cell, i) => words(row, cell, i)),
    })),
    jobs: Object.fromEntries(
      entries.filter(({ routine }) => !routine).map((entry) => [entry.task.id, dueJob(entry)]),
    ),
  };
}

function words(row: YearRow, { month, done, due, late }: YearRow['cells'][number], i: number): YearCellWords {
  const jobs = [...late, ...due.filter((entry) => !late.includes(entry))];
  const parts = [
    ...(done > 0 ? [`${done} done`] : []),
    ...(jobs.length > 0 ? [`${jobs.length} due`] : []),
    ...(late.length > 0 ? [`${late.length} of them late`] : []),
  ];
  return {
    month,
    label: `${row.name} in ${MONTH_NAMES[i]}: ${parts.length === 0 ? 'nothing' : parts.join(', ')}`,
    done,
    due: jobs.length - late.length,
    late: late.length,
    jobs: jobs.map(({ task }) => task.id),
  };
}

export function dueJob(entry: AlmanacEntry): DueJob {
  const { task, state, minutes } = entry;
  return {
    id: task.id,
    job: task.part ? `${task.method.title}: ${task.part.name}` : task.method.title,
    place: task.room.name,
    when: dueWords(entry),
    isLate: state === 'overdue',
    minutes: Math.max(1, Math.round(minutes)),
    isIn: task.scope.in,
    months: entry.months,
    isOwn: entry.mark?.everyMonths !== undefined,
    mark: entry.mark ?? { on: 'task', target: task.id },
  };
}

/** What the almanac says in one line. */
export function almanacHead(entries: readonly AlmanacEntry[]): {
  readonly title: string;
  readonly line: string;
} {
  const deep = entries.filter(({ routine }) => !routine);
  const late = deep.filter(({ state }) => state === 'overdue');
  const due = deep.filter(({ state }) => state === 'due');
  const unknown = deep.filter(({ state }) => state === 'unknown');
  const minutes = (some: readonly AlmanacEntry[]) => some.reduce((sum, entry) => sum + entry.minutes, 0);
  const title =
    late.length > 0
      ? `${count(late.length, 'job is', 'jobs are')} late`
      : due.length > 0
        ? `${count(due.length, 'job is', 'jobs are')} due within a month`
        : unknown.length > 0
          ? `${count(unknown.length, 'job waits', 'jobs wait')} for a first tick`
          : 'Nothing is due';
  const lines = [
    ...(late.length > 0 ? [`Late ones take ${duration(minutes(late))} in all.`] : []),
    ...(late.length > 0 && due.length > 0
      ? [`${count(due.length, 'more falls', 'more fall')} due within a month.`]
      : []),
    ...(unknown.length > 0
      ? [
          `Of ${count(unknown.length, 'job', 'jobs')} nobody knows yet when ${unknown.length === 1 ? 'it was' : 'they were'} done last; the first tick says so.`,
        ]
      : []),
  ];
  return { title, line: lines.join(' ') };
}

const MOST_NAMED = 3;

/** What matters, is late, and is not part of the clean, in a sentence; undefined where there is nothing of the kind. */
export function lateAndOut(entries: readonly AlmanacEntry[]): string | undefined {
  const late = entries.filter(
    ({ task, state, routine }) =>
      !routine && state === 'overdue' && !task.scope.in && task.scope.priority === 'must',
  );
  if (late.length === 0) return undefined;
  const named = late.slice(0, MOST_NAMED).map(({ task }) => `${task.method.title}, ${task.room.name}`);
  const more = late.length - named.length;
  return `Late, and not part of this clean: ${named.join('; ')}${more > 0 ? `; and ${more} more` : ''}.`;
}
