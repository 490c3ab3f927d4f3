import { randomUUID } from 'node:crypto';
import { download, upload } from '@/app/api/guard';
import { type ReadTable, readRoomsTable, writeRoomsTable } from '@/core/formats/rooms-table';
import { roomsOf } from '@/core/home/room';
import { edit } from '@/server/editing';
import { loadEditable } from '@/server/repositories/editable';
import type { FileReport } from '@/ui/files/file-report';
import { count } from '@/ui/parts/words';
import { changeWords } from '@/ui/walk/change-words';

const MOST_FAULTS = 50;

/** Rooms and fixtures as a table. */
export async function GET(): Promise<Response> {
  return download('early-thaw-rooms.csv', 'text/csv', async (scope) =>
    writeRoomsTable((await loadEditable(scope)).home),
  );
}

/** Looks at a table and says what can be read of it; with `?take` takes that in, all at once. */
export async function POST(request: Request): Promise<Response> {
  const take = new URL(request.url).searchParams.has('take');
  return upload(request, async (scope, text) => {
    if (!take) return lookedAt(readRoomsTable(text, (await loadEditable(scope)).home, randomUUID));
    let read: ReadTable | undefined;
    await edit(
      scope,
      randomUUID(),
      (before) => {
        read = readRoomsTable(text, before.home, randomUUID);
        return { do: 'take-in', home: read.home };
      },
      (before) => changeWords({ do: 'take-in', home: before.home }, before),
    );
    return { ...lookedAt(read as ReadTable), taken: true, sentence: 'Taken in. Undo takes it back.' };
  });
}

function lookedAt({ home, fixtures, faults }: ReadTable): FileReport {
  const rooms = roomsOf(home).length;
  const left = faults.length === 0 ? '' : ` ${count(faults.length, 'line', 'lines')} cannot be read.`;
  return {
    taken: false,
    sentence: `${count(fixtures, 'fixture', 'fixtures')} can be read; the house then has ${count(rooms, 'room', 'rooms')}.${left} Nothing is changed yet.`,
    faults: faults.slice(0, MOST_FAULTS).map(({ line, what }) => `Line ${line}: ${what}`),
    readable: fixtures,
  };
}
