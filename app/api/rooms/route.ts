import { z } from 'zod';
import { answered } from '@/app/api/answered';
import { download, uploadBytes } from '@/app/api/guard';
import { DATE_ORDERS } from '@/core/formats/dates';
import { type ReadTable, type TableWords, writeRoomsTable } from '@/core/formats/rooms-table';
import type { TableFile } from '@/core/formats/table-file';
import { roomsOf } from '@/core/home/room';
import { changeWords } from '@/core/household/change';
import { REFUSALS } from '@/core/household/refusals';
import type { FileReport } from '@/present/files/file-report';
import { count } from '@/present/words/words';
import { changeBy } from '@/server/commands/change';
import { readFileAs } from '@/server/file-reader';
import { keptHousehold } from '@/server/household/kept';

const MOST_FAULTS = 50;
const MOST_NEAR = 20;
const MEANWHILE = 'Somebody changed the house meanwhile, so nothing was imported. Try again.';

/** Rooms and fixtures as a table. */
export const GET = answered(async (): Promise<Response> => {
  return download('GET /api/rooms', 'early-thaw-rooms.csv', 'text/csv', async (scope) =>
    writeRoomsTable((await keptHousehold(scope)).household.home),
  );
});

/**
 * Looks at a table and says what can be read of it, and what it would do; with `?take` takes that in, all at once. `dates`
 * and `meant` say what was in doubt.
 */
export const POST = answered(async (request: Request): Promise<Response> => {
  const asked = new URL(request.url).searchParams;
  const words = wordsIn(asked);
  return uploadBytes('POST /api/rooms', request, async (scope, bytes, id) => {
    const before = (await keptHousehold(scope)).household;
    const { file, table } = await readFileAs(scope.household, {
      as: 'rooms',
      bytes,
      home: before.home,
      words,
    });
    if (file.is === 'none' || !table)
      return { taken: false, sentence: file.is === 'none' ? file.sentence : '', faults: [] };
    const look = lookedAt(table, file);
    if (!asked.has('take')) return look;
    const { answer } = await changeBy<null, 'meanwhile'>(scope, id, ({ household }) => {
      if (JSON.stringify(household.home) !== JSON.stringify(before.home))
        return { ok: false, why: 'meanwhile' };
      const change = { do: 'take-in' as const, home: table.home };
      return { ok: true, change, words: changeWords(change, household), value: null };
    });
    if (!answer.ok)
      return { ...look, sentence: answer.why === 'meanwhile' ? MEANWHILE : REFUSALS[answer.why] };
    return { ...look, taken: true, sentence: 'Imported. Undo takes it back.' };
  });
});

const meantSchema = z.record(z.string().max(200), z.string().max(60));

/** What somebody has said of the table; what is no such thing is as if nothing had been said. */
function wordsIn(asked: URLSearchParams): TableWords {
  const dates = DATE_ORDERS.find((order) => order === asked.get('dates'));
  const meant = meantSchema.safeParse(jsonIn(asked.get('meant') ?? '{}'));
  return { dates, meant: meant.success ? meant.data : {} };
}

function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}

function lookedAt(table: ReadTable, file: Extract<TableFile, { is: 'table' }>): FileReport {
  const { home, fixtures, faults, near, datesInDoubt } = table;
  const rooms = roomsOf(home).length;
  const left = faults.length === 0 ? '' : ` ${count(faults.length, 'line', 'lines')} cannot be read.`;
  return {
    taken: false,
    sentence: `${count(fixtures, 'fixture', 'fixtures')} can be read: ${countWords(table)}. The house then has ${count(rooms, 'room', 'rooms')}.${left} ${lettersWords(file)}Nothing is changed yet.`,
    faults: faults.slice(0, MOST_FAULTS).map(({ line, what }) => `Line ${line}: ${what}`),
    readable: fixtures,
    near: near.slice(0, MOST_NEAR),
    datesInDoubt,
  };
}

function countWords({ counts: { known, moved, added, missing } }: ReadTable): string {
  return [
    `${known} known`,
    `${added} new`,
    `${moved} moved`,
    ...(missing > 0 ? [`${missing} of the house not in it, which stay as they are`] : []),
  ].join(', ');
}

function lettersWords({ letters, mended }: Extract<TableFile, { is: 'table' }>): string {
  if (mended)
    return 'It had been saved with the wrong letters once; they were put right. Look at the names before you import it. ';
  return letters === 'Windows-1252'
    ? 'It is not in UTF-8 and was read with Windows’ letters of the West. Look at the names before you import it. '
    : '';
}
