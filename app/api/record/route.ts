import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { recordTable } from '@/present/record/record-table';
import { keptHousehold } from '@/server/household/kept';
import { loadPastCleans, loadRecord } from '@/server/repositories/record';

/** Everything that was done as a table. */
export const GET = answered(async (): Promise<Response> => {
  return download('GET /api/record', 'early-thaw-record.csv', 'text/csv', async (scope) => {
    const { clean } = (await keptHousehold(scope)).household;
    const cleans = [...(await loadPastCleans(scope)), ...(clean ? [clean] : [])];
    return recordTable(await loadRecord(scope), new Map(cleans.map(({ id, name }) => [id, name])));
  });
});
