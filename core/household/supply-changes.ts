import { idSchema } from '../basics/scalars';
import { productSchema } from '../catalogue/product-schema';
import { productName } from '../catalogue/products';
import { callSchema } from '../clean/call';
import { MOST_STOCK, type Supplies, stockSchema, suppliesSchema, thingStockSchema } from '../clean/supplies';
import { THINGS } from '../home/thing-names';
import { type AnyRow, rowsOn } from './change-row';
import type { Editable } from './editable';
import { type Made, made, refuse } from './made';
import { put } from './put';

const row = rowsOn<Editable>();

/** What is in the cupboard, and what is left to licensed trades. No plan rests on either. */
export const SUPPLY_CHANGES = {
  /** What is in the cupboard of one product. */
  'put-stock': row({
    shape: { stock: stockSchema },
    apply: (before, { stock }) => {
      const next = put(before.supplies.stock, stock, (known) => known.product);
      return next.length > MOST_STOCK ? refuse('too-much') : onSupplies(before, () => ({ stock: next }));
    },
    words: ({ stock }) => `${productName(stock.product)} in the cupboard`,
    planless: true,
  }),
  'drop-stock': row({
    shape: { product: productSchema },
    apply: (before, { product }) =>
      onSupplies(before, ({ stock }) => ({ stock: stock.filter((known) => known.product !== product) })),
    words: ({ product }) => `${productName(product)} taken off the cupboard`,
    planless: true,
  }),
  'put-thing': row({
    shape: { stock: thingStockSchema },
    apply: (before, { stock }) =>
      onSupplies(before, ({ things }) => ({ things: put(things, stock, (known) => known.thing) })),
    words: ({ stock }) => `${THINGS[stock.thing]} in the cupboard`,
    planless: true,
  }),
  vessels: row({
    shape: {
      bucketMl: suppliesSchema.shape.bucketMl.unwrap(),
      bottleMl: suppliesSchema.shape.bottleMl.unwrap(),
    },
    apply: (before, { bucketMl, bottleMl }) => onSupplies(before, () => ({ bucketMl, bottleMl })),
    words: () => 'Bucket and bottle',
    planless: true,
  }),
  'put-call': row({
    shape: { call: callSchema },
    apply: (before, { call }) => made({ ...before, calls: put(before.calls, call, (known) => known.id) }),
    words: ({ call }) => call.what,
    planless: true,
  }),
  'drop-call': row({
    shape: { id: idSchema },
    apply: (before, { id }) => made({ ...before, calls: before.calls.filter((call) => call.id !== id) }),
    words: () => 'Taken off the list for professionals',
    planless: true,
  }),
} satisfies Record<string, AnyRow<Editable>>;

function onSupplies(before: Editable, change: (supplies: Supplies) => Partial<Supplies>): Made<Editable> {
  return made({ ...before, supplies: { ...before.supplies, ...change(before.supplies) } });
}
