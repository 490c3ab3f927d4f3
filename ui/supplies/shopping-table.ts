import Papa from 'papaparse';
import type { ShoppingRow } from './supplies-model';

/** The shopping list as a table for a spreadsheet; nothing in it is carried out there. */
export function shoppingTable(rows: readonly ShoppingRow[]): string {
  return Papa.unparse(
    rows.map((row) => ({
      Item: row.words,
      Packs: row.packs,
      Pack: row.unit === 'pieces' ? row.pack.amount : `${row.pack.amount} ${row.unit}`,
      Price: row.price,
      'Needed by': row.by ?? '',
      For: row.session ?? '',
    })),
    { escapeFormulae: true },
  );
}
