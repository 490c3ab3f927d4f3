import { z } from 'zod';
import { householdCatalogueSchema, methodChangeSchema } from '../../core/catalogue/household-catalogue';
import { methodSchema } from '../../core/catalogue/method';
import type { Editable } from '../../core/household/editable';
import type { Row } from './scope';

/** One row a method that the household has changed, switched off, or added. */

const methodRowSchema = z.strictObject({
  changed: methodChangeSchema.optional(),
  off: z.boolean().optional(),
  own: methodSchema.optional(),
});

export function methodRows({ changed, off, own }: Editable['catalogue']): Map<string, Row> {
  const ids = [...new Set([...own.map((method) => method.id), ...Object.keys(changed), ...off])];
  return new Map(
    ids.map((id, position) => {
      const method = own.find((known) => known.id === id);
      const value: z.infer<typeof methodRowSchema> = {
        ...(changed[id] && { changed: changed[id] }),
        ...(off.includes(id) && { off: true }),
        ...(method && { own: method }),
      };
      return [id, { id, value: JSON.stringify(value), position }];
    }),
  );
}

export function catalogueOf(
  rows: readonly { readonly id: string; readonly value: string }[],
): Editable['catalogue'] {
  const read = rows.map((row) => ({ id: row.id, ...methodRowSchema.parse(JSON.parse(row.value)) }));
  return householdCatalogueSchema.parse({
    changed: Object.fromEntries(read.flatMap(({ id, changed }) => (changed ? [[id, changed]] : []))),
    off: read.flatMap(({ id, off }) => (off ? [id] : [])),
    own: read.flatMap(({ own }) => own ?? []),
  });
}
