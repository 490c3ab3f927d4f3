import type { ProductName } from '@/core/catalogue/products';
import type { ThingName } from '@/core/home/thing-names';
import type { HouseholdChange } from '@/core/household/change';
import type { ShoppingRow, SuppliesScreen } from './supplies-model';

/** So many packs more in the cupboard; what was past its date is thrown out with that. */
export function boughtChange(row: ShoppingRow, packs: number, screen: SuppliesScreen): HouseholdChange {
  const count = Math.round(row.have + packs * row.pack.amount);
  if (row.kind === 'thing') return { do: 'put-thing', stock: { thing: row.name as ThingName, count } };
  return {
    do: 'put-stock',
    stock: {
      product: row.name as ProductName,
      amount: count,
      unit: row.unit as 'ml' | 'g',
      counted: screen.now,
    },
  };
}
