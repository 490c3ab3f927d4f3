import { z } from 'zod';
import { dateTimeSchema } from '../basics/scalars';
import { planSchema } from './plan';

/** A plan as kept: `basis` tells what it was made from, so that one can see whether it still fits. */
export const keptPlanSchema = z.strictObject({
  version: z.int().min(1),
  basis: z.string().max(64),
  madeAt: dateTimeSchema,
  plan: planSchema,
});
export type KeptPlan = z.infer<typeof keptPlanSchema>;
