import { plusMonths } from '../basics/local-time';
import type { RecordLine } from '../clean/record-line';
import type { AlmanacEntry } from './due';

/** A month of a row of the year: what was done in it, what falls due in it, and what is late by now. */
export type YearCell = {
  readonly month: string;
  readonly done: number;
  readonly due: readonly AlmanacEntry[];
  readonly late: readonly AlmanacEntry[];
};

export type YearRow = {
  readonly id: string;
  readonly name: string;
  readonly cells: readonly YearCell[];
  /** Hands-on minutes that fall due in the year. */
  readonly minutes: number;
};

/** By what the rows of a year go. */
export type YearBy = 'kind' | 'room';

const MONTHS = Array.from({ length: 12 }, (_, i) => String(i + 1).padStart(2, '0'));

/** Rows in the order in which they come up; what is late lies in the month of today. */
export function yearOf(
  entries: readonly AlmanacEntry[],
  record: readonly RecordLine[],
  {
    year,
    today,
    names,
  }: {
    readonly year: string;
    readonly today: string;
    readonly names: (entry: { readonly kind: string; readonly room: string }) => { id: string; name: string };
  },
): YearRow[] {
  const rows = new Map<string, { name: string; entries: AlmanacEntry[]; done: Map<string, Set<string>> }>();
  const rowOf = (at: { readonly kind: string; readonly room: string }) => {
    const { id, name } = names(at);
    let row = rows.get(id);
    if (!row) {
      row = { name, entries: [], done: new Map() };
      rows.set(id, row);
    }
    return row;
  };
  for (const entry of entries)
    if (!entry.routine) rowOf({ kind: entry.kind, room: entry.task.room.id }).entries.push(entry);
  for (const line of record) {
    if (!line.ends || line.cameOut === 'dirty' || !line.at.startsWith(year)) continue;
    const known = rows.get(names({ kind: line.kind, room: line.room }).id);
    const month = line.at.slice(0, 7);
    if (known)
      known.done.set(month, (known.done.get(month) ?? new Set()).add(`${line.fixture}:${line.method}`));
  }
  return [...rows].map(([id, row]) => ({
    id,
    name: row.name,
    cells: MONTHS.map((month) => cellOf(`${year}-${month}`, row, today)),
    minutes: row.entries
      .filter((entry) => MONTHS.some((month) => fallsDue(entry, `${year}-${month}`, today)))
      .reduce((sum, { minutes }) => sum + minutes, 0),
  }));
}

function cellOf(
  month: string,
  row: { readonly entries: readonly AlmanacEntry[]; readonly done: ReadonlyMap<string, ReadonlySet<string>> },
  today: string,
): YearCell {
  const isNow = month === today.slice(0, 7);
  return {
    month,
    done: row.done.get(month)?.size ?? 0,
    due: row.entries.filter((entry) => fallsDue(entry, month, today)),
    late: isNow ? row.entries.filter(({ state }) => state === 'overdue') : [],
  };
}

/** Whether a job falls due in a month from today on: for the first time, or again as often as it comes round. */
export function fallsDue({ due, months }: AlmanacEntry, month: string, today: string): boolean {
  if (due === undefined || month < today.slice(0, 7)) return false;
  let next = due < today ? plusMonths(today, months) : due;
  while (next.slice(0, 7) < month) next = plusMonths(next, months);
  return next.slice(0, 7) === month;
}
