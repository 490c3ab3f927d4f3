import { randomUUID } from 'node:crypto';
import type { Parsed } from '../core/basics/fault';
import { type BusyRange, type ReadCalendar, readBusy } from '../core/formats/calendar/read-busy';
import { parseHouseholdFile } from '../core/formats/read-household';
import { type ReadTable, readRoomsTable, type TableWords } from '../core/formats/rooms-table';
import { type TableFile, tableIn } from '../core/formats/table-file';
import type { Home } from '../core/home/room';
import type { HouseholdFile } from '../core/household/household';
import { giveWay } from './give-way';

giveWay();

/** A file that came from outside, and what it is to be read as. */
export type FileJob =
  | { readonly as: 'calendar'; readonly text: string; readonly range: BusyRange }
  | { readonly as: 'rooms'; readonly bytes: Uint8Array; readonly home: Home; readonly words: TableWords }
  | { readonly as: 'household'; readonly text: string };

export type FileRead = {
  readonly calendar: ReadCalendar;
  /** With what is to be known of the file itself; no table where it is none. */
  readonly rooms: { readonly file: TableFile; readonly table: ReadTable | undefined };
  readonly household: Parsed<HouseholdFile>;
};

/** Faults of a household file that anybody would read; one with a mistake in every line has thousands. */
const MOST_FAULTS = 1_000;

/** Reads a file in a thread of its own, so that nobody else waits for it. */
export default async function run(job: FileJob): Promise<FileRead[FileJob['as']]> {
  switch (job.as) {
    case 'calendar':
      return readBusy(job.text, job.range);
    case 'rooms': {
      const file = await tableIn(job.bytes);
      const table =
        file.is === 'table' ? readRoomsTable(file.text, job.home, randomUUID, job.words) : undefined;
      return { file, table };
    }
    case 'household': {
      const parsed = parseHouseholdFile(job.text);
      return parsed.ok ? parsed : { ok: false, faults: parsed.faults.slice(0, MOST_FAULTS) };
    }
  }
}
