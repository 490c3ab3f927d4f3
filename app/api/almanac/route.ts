import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { almanacTable } from '@/present/almanac/almanac-table';
import { almanacNow } from '@/server/almanac';

/** When each thing was done last and is due, as a table. */
export const GET = answered(async (): Promise<Response> => {
  return download('GET /api/almanac', 'early-thaw-almanac.csv', 'text/csv', async (scope) =>
    almanacTable((await almanacNow(scope)).entries),
  );
});
