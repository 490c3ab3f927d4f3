import { partsOfStepId, taskOfStep } from '@/core/basics/ids';
import { minutesOf } from '@/core/basics/local-time';
import { writeTable } from '@/core/formats/cell';
import type { Plan, PlanEntry } from '@/core/plan/plan';
import type { CleanTask } from '@/core/work/tasks';
import { fixtureName } from '../walk/fixture-name';
import { pieceOfWork } from '../words/piece-of-work';

type WorkNames = {
  readonly people: ReadonlyMap<string, string>;
  readonly tasks: ReadonlyMap<string, CleanTask>;
};

const COLUMNS = ['Date', 'From', 'To', 'Minutes', 'Who', 'Room', 'Thing', 'Job', 'How', 'Then waits until'];

/** The planned work as a table for a spreadsheet, a line each time somebody begins something, with the wait that it sets going. */
export function workTable({ entries }: Pick<Plan, 'entries'>, { people, tasks }: WorkNames): string {
  const waits = new Map(
    entries
      .filter((entry) => entry.people.length === 0)
      .map((entry) => [`${taskOfStep(entry.step)} ${entry.start}`, entry]),
  );
  const rows = entries
    .filter((entry) => entry.people.length > 0)
    .toSorted((a, b) => a.start.localeCompare(b.start))
    .map((entry) => [
      entry.start.slice(0, 10),
      entry.start.slice(11),
      entry.end.slice(11),
      minutesOf(entry),
      entry.people.map((id) => people.get(id) ?? id).join(', '),
      ...workCells(entry, tasks.get(taskOfStep(entry.step))),
      waits.get(`${taskOfStep(entry.step)} ${entry.end}`)?.end.replace('T', ' '),
    ]);
  return writeTable(COLUMNS, rows);
}

function workCells(entry: PlanEntry, task: CleanTask | undefined): string[] {
  if (!task) return ['', '', entry.step, ''];
  const { job, manner } = pieceOfWork(task, partsOfStepId(entry.step)?.key);
  return [task.room.name, fixtureName(task.fixture), job, manner];
}
