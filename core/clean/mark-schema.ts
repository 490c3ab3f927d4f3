import { z } from 'zod';
import { PRIORITIES } from '../basics/choices';
import { taskIdSchema } from '../basics/scalars';
import { PRODUCT_SCHOOLS } from '../catalogue/work-kinds';
import { MARK_LEVELS, REASONS } from './mark-choices';

/** What a household has decided about a task, about all of a room, or about all work of a kind. */
export const markSchema = z.strictObject({
  on: z.enum(MARK_LEVELS),
  target: taskIdSchema,
  in: z.boolean().optional(),
  reason: z.enum(REASONS).optional(),
  priority: z.enum(PRIORITIES).optional(),
  matters: z.boolean().optional(),
  dreaded: z.boolean().optional(),
  /** The school of products, where it differs from that of the clean. */
  products: z.enum(PRODUCT_SCHOOLS).optional(),
  /** Whether one person does it alone, where there is a way for one and a way for two; absent: as it comes. */
  alone: z.boolean().optional(),
  /** Whether a floor is done half by half, since the room can’t be emptied. */
  inParts: z.boolean().optional(),
  /** Every how many months it is due, where one knows better. */
  everyMonths: z.int().min(1).max(240).optional(),
  /** A person's own guess of the hands-on minutes, kept apart from the estimate. */
  guessMinutes: z.int().min(1).max(6000).optional(),
});
export type Mark = z.infer<typeof markSchema>;
