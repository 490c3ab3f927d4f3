import { z } from 'zod';
import { dateSchema, dateTimeSchema } from '../basics/scalars';
import { unitFor } from '../catalogue/product-facts';
import { productSchema } from '../catalogue/product-schema';
import { THING_NAMES } from '../home/thing-names';

/** What a household has in the cupboard, and what it mixes in. */

export const stockSchema = z
  .strictObject({
    product: productSchema,
    amount: z.number().min(0).max(100_000),
    /** Liquids in millilitres, powders in grams. */
    unit: z.enum(['ml', 'g']),
    /** When this was in it; what was done since then is drawn from it. */
    counted: dateTimeSchema,
    opened: dateSchema.optional(),
    expires: dateSchema.optional(),
  })
  .refine(({ product, unit }) => unit === unitFor(product), {
    message: 'ml for a liquid, g for a powder',
    path: ['unit'],
  });
export type Stock = z.infer<typeof stockSchema>;

export const thingStockSchema = z.strictObject({
  thing: z.enum(THING_NAMES),
  count: z.int().min(0).max(1000),
});
export type ThingStock = z.infer<typeof thingStockSchema>;

/** So many products stand in a cupboard at most. */
export const MOST_STOCK = 100;

export const suppliesSchema = z.strictObject({
  stock: z.array(stockSchema).max(MOST_STOCK).default([]),
  things: z.array(thingStockSchema).max(50).default([]),
  bucketMl: z.number().min(500).max(30_000).default(5000),
  bottleMl: z.number().min(100).max(5000).default(500),
});
export type Supplies = z.infer<typeof suppliesSchema>;

export const NO_SUPPLIES: Supplies = { stock: [], things: [], bucketMl: 5000, bottleMl: 500 };
