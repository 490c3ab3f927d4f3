import { longDate } from '../words/words';
import type { ShoppingRow } from './supplies-model';

/** The shopping list as text, for a message. */
export function shoppingText(rows: readonly ShoppingRow[], total: string, found: readonly string[]): string {
  const lines = rows.map(
    (row) => `- ${row.words}: ${row.packWords}, ${row.price}${row.by ? `, by ${longDate(row.by)}` : ''}`,
  );
  return [...lines, `Together ${total}, at made-up prices.`, ...found.map((text) => `- ${text}`)].join('\n');
}
