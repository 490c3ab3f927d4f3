import { z } from 'zod';
import { MOST_METHOD_ID, MOST_STEP_KEY } from '../basics/limits';
import { dateTimeSchema, idSchema, nameSchema, stepIdSchema } from '../basics/scalars';
import { productSchema } from '../catalogue/product-schema';
import { WORK_KINDS, type WorkKind } from '../catalogue/work-kinds';
import { OUTCOMES } from './names';

const KINDS = Object.keys(WORK_KINDS) as [WorkKind, ...WorkKind[]];

/**
 * One thing that was done, as it stays in the record: readable by itself, whatever becomes of the room, the thing, the
 * person or the clean.
 */
export const recordLineSchema = z.strictObject({
  /** That of what was said on the day. */
  id: idSchema,
  at: dateTimeSchema,
  /** In which clean; absent: on the way, round the year. */
  clean: idSchema.optional(),
  step: stepIdSchema,
  mode: z.enum(['hands', 'wait']).default('hands'),
  /** Whether the job was at its end with it. */
  ends: z.boolean(),
  method: z.string().min(1).max(MOST_METHOD_ID),
  kind: z.enum(KINDS),
  /** `Clean the oven`. */
  job: z.string().min(1).max(300),
  /** What of the job, where it has several steps. */
  part: z
    .string()
    .max(MOST_STEP_KEY * 4)
    .optional(),
  fixture: idSchema,
  thing: nameSchema,
  room: idSchema,
  place: nameSchema,
  person: idSchema.optional(),
  name: nameSchema.optional(),
  /** Minutes that were estimated, with the range into which four in five fall. */
  estimate: z.strictObject({
    minutes: z.number().min(0).max(100_000),
    low: z.number().min(0).max(100_000),
    high: z.number().min(0).max(1_000_000),
    /** The factor by which the estimate had been moved by what was learnt before. */
    learnt: z.number().gt(0).max(100).optional(),
  }),
  /** How long it really took, breaks out, where a clock ran along or somebody said so. */
  seconds: z.int().min(0).max(86_400).optional(),
  /** Whether somebody said how long it took, and no clock. */
  said: z.boolean().optional(),
  /** What it was done with. */
  products: z.array(productSchema).max(20).optional(),
  cameOut: z.enum(OUTCOMES).default('clean'),
});
export type RecordLine = z.infer<typeof recordLineSchema>;
