import { randomUUID } from 'node:crypto';
import { download, upload } from '@/app/api/guard';
import { type ReadTable, writeRoomsTable } from '@/core/formats/rooms-table';
import { roomsOf } from '@/core/home/room';
import { edit } from '@/server/editing';
import { readFileAs } from '@/server/file-reader';
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
    const before = await loadEditable(scope);
    const read = await readFileAs({ as: 'rooms', text, home: before.home });
    if (!take) return lookedAt(read);
    let isStale = false;
    await edit(
      scope,
      randomUUID(),
      (now) => {
        isStale = JSON.stringify(now.home) !== JSON.stringify(before.home);
        return { do: 'take-in', home: isStale ? now.home : read.home };
      },
      (now) => changeWords({ do: 'take-in', home: now.home }, now),
    );
    if (isStale)
      return {
        ...lookedAt(read),
        sentence: 'Somebody changed the house meanwhile, so nothing was taken in. Try again.',
      };
    return { ...lookedAt(read), taken: true, sentence: 'Taken in. Undo takes it back.' };
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
