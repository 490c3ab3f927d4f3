import { z } from 'zod';
import { dateSchema, idSchema, lineSchema } from '../basics/scalars';

/** Work for a licensed trade: on the list with a date and a note, and none of anybody's minutes. */
export const callSchema = z.strictObject({
  id: idSchema,
  what: lineSchema(160).min(1),
  why: lineSchema(300).default(''),
  room: z.string().max(200).optional(),
  date: dateSchema.optional(),
  note: lineSchema(500).default(''),
  done: z.boolean().default(false),
});
export type Call = z.infer<typeof callSchema>;
