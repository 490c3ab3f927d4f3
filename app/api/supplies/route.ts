import { download } from '@/app/api/guard';
import { current } from '@/server/current';
import { shoppingTable } from '@/ui/supplies/shopping-table';
import { suppliesScreen } from '@/ui/supplies/supplies-model';

/** The shopping list as a table. */
export async function GET(): Promise<Response> {
  return download('early-thaw-shopping.csv', 'text/csv', async () =>
    shoppingTable(suppliesScreen(await current()).shopping),
  );
}
