import { z } from 'zod';
import { dateTimeSchema, idSchema, stepIdSchema } from '../basics/scalars';
import { useSchema } from './use';

/** What is done of a clean, and how far the rest has come. */

export const tickSchema = z.strictObject({
  step: stepIdSchema,
  at: dateTimeSchema,
  used: useSchema.optional(),
  /** How long it took, where a clock ran along. */
  seconds: z.int().min(0).max(86_400).optional(),
  /** Who did it, where somebody said so. */
  person: idSchema.optional(),
});
export type Tick = z.infer<typeof tickSchema>;

/** How far a step has come that is not done, in hundredths. */
export const partSchema = z.strictObject({ step: stepIdSchema, share: z.int().min(1).max(99) });
export type PartDone = z.infer<typeof partSchema>;
