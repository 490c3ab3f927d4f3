import type { RecordLine } from '@/core/clean/record-line';
import { writeTable } from '@/core/formats/cell';
import { CAME_OUT_WORDS } from './came-out-words';

const COLUMNS = [
  'Date',
  'Time',
  'Clean',
  'Room',
  'Thing',
  'Job',
  'Part',
  'Who',
  'Minutes',
  'Estimated',
  'How it came out',
];

/** Everything that was done as a table for a spreadsheet, a line a tick. */
export function recordTable(record: readonly RecordLine[], cleans: ReadonlyMap<string, string>): string {
  const rows = record.map((line) => [
    line.at.slice(0, 10),
    line.at.slice(11),
    line.clean === undefined ? '' : (cleans.get(line.clean) ?? ''),
    line.place,
    line.thing,
    line.job,
    line.part ?? '',
    line.name ?? '',
    line.seconds === undefined ? '' : String(Math.round(line.seconds / 6) / 10),
    String(Math.round(line.estimate.minutes * 10) / 10),
    CAME_OUT_WORDS[line.cameOut],
  ]);
  return writeTable(COLUMNS, rows);
}
