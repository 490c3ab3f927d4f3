import { writeTable } from '@/core/formats/cell';
import type { ShoppingRow } from './supplies-model';

const COLUMNS = ['Item', 'Packs', 'Pack', 'Price', 'Needed by', 'For'];

/** The shopping list as a table for a spreadsheet. */
export function shoppingTable(rows: readonly ShoppingRow[]): string {
  return writeTable(
    COLUMNS,
    rows.map((row) => [
      row.words,
      row.packs,
      row.unit === 'pieces' ? row.pack.amount : `${row.pack.amount} ${row.unit}`,
      row.price,
      row.by,
      row.session,
    ]),
  );
}
