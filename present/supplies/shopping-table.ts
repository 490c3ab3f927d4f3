import { writeTable } from '@/core/formats/cell';
import { SHOP_SECTIONS, sectionOf } from './shop-sections';
import type { ShoppingRow } from './supplies-model';

const COLUMNS = ['Item', 'Section', 'Packs', 'Pack', 'Price a pack', 'Price', 'Needed by', 'For'];

/** The shopping list as a table for a spreadsheet, with what it comes to at made-up prices in its last line. */
export function shoppingTable(rows: readonly ShoppingRow[]): string {
  const lines = rows.map((row) => [
    row.words,
    SHOP_SECTIONS[sectionOf(row.name)],
    row.packs,
    row.unit === 'pieces' ? `${row.pack.amount} pieces` : `${row.pack.amount} ${row.unit}`,
    money(row.cents / Math.max(1, row.packs)),
    money(row.cents),
    row.by,
    row.session,
  ]);
  const total = rows.reduce((sum, { cents }) => sum + cents, 0);
  return writeTable(
    COLUMNS,
    rows.length === 0 ? [] : [...lines, ['Together', '', '', '', '', money(total), '', '']],
  );
}

/** A number to a spreadsheet; made-up prices have no currency. */
function money(cents: number): string {
  return (cents / 100).toFixed(2);
}
