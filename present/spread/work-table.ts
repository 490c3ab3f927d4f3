import { writeTable } from '@/core/formats/cell';
import type { Plan } from '@/core/plan/plan';

type WorkNames = {
  readonly people: ReadonlyMap<string, string>;
  readonly steps: ReadonlyMap<string, { readonly title: string; readonly room: string }>;
};

const COLUMNS = ['Date', 'From', 'To', 'Who', 'Room', 'What'];

/** The planned work as a table for a spreadsheet, a line each time somebody begins something. */
export function workTable({ entries }: Pick<Plan, 'entries'>, { people, steps }: WorkNames): string {
  const rows = entries
    .filter((entry) => entry.people.length > 0)
    .sort((a, b) => a.start.localeCompare(b.start))
    .map(({ step, start, end, people: crew }) => [
      start.slice(0, 10),
      start.slice(11),
      end.slice(11),
      crew.map((id) => people.get(id) ?? id).join(', '),
      steps.get(step)?.room ?? '',
      steps.get(step)?.title ?? step,
    ]);
  return writeTable(COLUMNS, rows);
}
