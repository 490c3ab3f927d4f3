import { z } from 'zod';
import { householdCatalogueSchema, methodChangeSchema } from '../../core/catalogue/household-catalogue';
import { methodSchema } from '../../core/catalogue/method';
import { ownProductSchema } from '../../core/catalogue/own-products';
import type { Editable } from '../../core/household/editable';
import type { Row } from './scope';

/** One row a method that the household has changed, switched off, or added, and one a product of its own. */

const methodRowSchema = z.strictObject({
  changed: methodChangeSchema.optional(),
  off: z.boolean().optional(),
  own: methodSchema.optional(),
  product: ownProductSchema.optional(),
});

/** No method has a name like it. */
const PRODUCT = 'product:';

export function methodRows({ changed, off, own, products }: Editable['catalogue']): Map<string, Row> {
  const ids = [...new Set([...own.map((method) => method.id), ...Object.keys(changed), ...off])];
  const ofProducts = products.map((product, position) => {
    const id = `${PRODUCT}${product.id}`;
    return [id, { id, value: JSON.stringify({ product }), position }] as const;
  });
  return new Map([
    ...ofProducts,
    ...ids.map((id, position) => {
      const method = own.find((known) => known.id === id);
      const value: z.infer<typeof methodRowSchema> = {
        ...(changed[id] && { changed: changed[id] }),
        ...(off.includes(id) && { off: true }),
        ...(method && { own: method }),
      };
      return [id, { id, value: JSON.stringify(value), position }] as const;
    }),
  ]);
}

export function catalogueOf(
  rows: readonly { readonly id: string; readonly value: string }[],
): Editable['catalogue'] {
  const read = rows.map((row) => ({ id: row.id, ...methodRowSchema.parse(JSON.parse(row.value)) }));
  return householdCatalogueSchema.parse({
    changed: Object.fromEntries(read.flatMap(({ id, changed }) => (changed ? [[id, changed]] : []))),
    off: read.flatMap(({ id, off }) => (off ? [id] : [])),
    own: read.flatMap(({ own }) => own ?? []),
    products: read.flatMap(({ product }) => product ?? []),
  });
}
