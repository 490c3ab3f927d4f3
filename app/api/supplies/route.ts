import { answered } from '@/app/api/answered';
import { download } from '@/app/api/guard';
import { shoppingTable } from '@/present/supplies/shopping-table';
import { suppliesScreen } from '@/present/supplies/supplies-model';
import { current } from '@/server/current';

/** The shopping list as a table. */
export const GET = answered(async (): Promise<Response> => {
  return download('GET /api/supplies', 'early-thaw-shopping.csv', 'text/csv', async () =>
    shoppingTable(suppliesScreen(await current()).shopping),
  );
});
