import { z } from 'zod';
import { idSchema } from '../basics/scalars';
import { doseSchema } from '../catalogue/method';
import { PRODUCT_SCHOOLS } from '../catalogue/work-kinds';

/**
 * What a step was done with, and in which room. It is kept with the tick: what is planned may change afterwards, what
 * is in the room does not.
 */
export const useSchema = z.strictObject({
  room: idSchema,
  school: z.enum(PRODUCT_SCHOOLS),
  doses: z.array(doseSchema).max(20),
  disinfectant: doseSchema.optional(),
});
export type Use = z.infer<typeof useSchema>;

/** A use and when it was, in local time. */
export type PastUse = Use & { readonly at: string };
