import { randomUUID } from 'node:crypto';
import type { Parsed } from '../core/basics/fault';
import { type BusyRange, type ReadCalendar, readBusy } from '../core/formats/calendar/read-busy';
import { parseHouseholdFile } from '../core/formats/read-household';
import { type ReadTable, readRoomsTable } from '../core/formats/rooms-table';
import type { Home } from '../core/home/room';
import type { HouseholdFile } from '../core/household/household';

/** A file that came from outside, and what it is to be read as. */
export type FileJob =
  | { readonly as: 'calendar'; readonly text: string; readonly range: BusyRange }
  | { readonly as: 'rooms'; readonly text: string; readonly home: Home }
  | { readonly as: 'household'; readonly text: string };

export type FileRead = {
  readonly calendar: ReadCalendar;
  readonly rooms: ReadTable;
  readonly household: Parsed<HouseholdFile>;
};

/** Faults of a household file that anybody would read; one with a mistake in every line has thousands. */
const MOST_FAULTS = 1_000;

/** Reads a file in a thread of its own, so that nobody else waits for it. */
export default function run(job: FileJob): FileRead[FileJob['as']] {
  switch (job.as) {
    case 'calendar':
      return readBusy(job.text, job.range);
    case 'rooms':
      return readRoomsTable(job.text, job.home, randomUUID);
    case 'household': {
      const parsed = parseHouseholdFile(job.text);
      return parsed.ok ? parsed : { ok: false, faults: parsed.faults.slice(0, MOST_FAULTS) };
    }
  }
}
