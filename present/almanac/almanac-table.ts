import type { AlmanacEntry } from '@/core/almanac/due';
import { WORK_KINDS } from '@/core/catalogue/work-kinds';
import { writeTable } from '@/core/formats/cell';

const COLUMNS = ['Room', 'Thing', 'Job', 'Kind', 'Every months', 'Last done', 'Due', 'Minutes'];

/** When each thing was done last and is due, as a table for a spreadsheet. */
export function almanacTable(entries: readonly AlmanacEntry[]): string {
  const rows = entries
    .filter(({ routine }) => !routine)
    .map(({ task, kind, months, last, due, minutes }) => [
      task.room.name,
      task.stop.name,
      task.part ? `${task.method.title}: ${task.part.name}` : task.method.title,
      WORK_KINDS[kind],
      String(months),
      last ?? '',
      due ?? '',
      String(Math.max(1, Math.round(minutes))),
    ]);
  return writeTable(COLUMNS, rows);
}
