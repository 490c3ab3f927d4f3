import { download, upload } from '@/app/api/guard';
import { type ReadTable, writeRoomsTable } from '@/core/formats/rooms-table';
import { roomsOf } from '@/core/home/room';
import { changeWords } from '@/core/household/change';
import { REFUSALS } from '@/core/household/refusals';
import type { FileReport } from '@/present/files/file-report';
import { count } from '@/present/words/words';
import { changeBy } from '@/server/commands/change';
import { readFileAs } from '@/server/file-reader';
import { keptHousehold } from '@/server/household/kept';

const MOST_FAULTS = 50;
const MEANWHILE = 'Somebody changed the house meanwhile, so nothing was imported. Try again.';

/** Rooms and fixtures as a table. */
export async function GET(): Promise<Response> {
  return download('early-thaw-rooms.csv', 'text/csv', async (scope) =>
    writeRoomsTable((await keptHousehold(scope)).household.home),
  );
}

/** Looks at a table and says what can be read of it; with `?take` takes that in, all at once. */
export async function POST(request: Request): Promise<Response> {
  const take = new URL(request.url).searchParams.has('take');
  return upload(request, async (scope, text, id) => {
    const before = (await keptHousehold(scope)).household;
    const read = await readFileAs({ as: 'rooms', text, home: before.home });
    if (!take) return lookedAt(read);
    const { answer } = await changeBy<null, 'meanwhile'>(scope, id, ({ household }) => {
      if (JSON.stringify(household.home) !== JSON.stringify(before.home))
        return { ok: false, why: 'meanwhile' };
      const change = { do: 'take-in' as const, home: read.home };
      return { ok: true, change, words: changeWords(change, household), value: null };
    });
    if (!answer.ok)
      return {
        ...lookedAt(read),
        sentence: answer.why === 'meanwhile' ? MEANWHILE : REFUSALS[answer.why],
      };
    return { ...lookedAt(read), taken: true, sentence: 'Imported. Undo takes it back.' };
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
