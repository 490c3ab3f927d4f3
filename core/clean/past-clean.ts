import { z } from 'zod';
import { dateSchema, idSchema, lineSchema, nameSchema } from '../basics/scalars';

const minutes = z.int().min(0).max(10_000_000);
const counted = z.int().min(0).max(1_000_000);

/** What a clean came to, as it stays when the next one has begun. */
export const pastCleanSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  reason: lineSchema(300),
  reward: lineSchema(200),
  start: dateSchema,
  finish: dateSchema,
  closed: dateSchema,
  /** Hands-on person-minutes that were done, and those that had been estimated for the same work. */
  doneMinutes: minutes,
  estimatedMinutes: minutes,
  jobs: counted,
  sessions: counted,
  people: z.array(z.strictObject({ name: nameSchema, minutes, jobs: counted })).max(100),
  rooms: z.array(z.strictObject({ name: nameSchema, minutes, jobs: counted })).max(500),
  /** Bags and boxes that left, by where they went. */
  bags: z.array(z.strictObject({ pile: z.string().max(40), count: counted })).max(40),
  loads: counted,
  spentCents: z.int().min(0).max(1_000_000_000),
  slowest: z.strictObject({ job: lineSchema(300), place: nameSchema, minutes }).optional(),
  /** Jobs that were not done. */
  left: z.array(z.strictObject({ job: lineSchema(300), place: nameSchema })).max(2000),
  /** What was found to be mended. */
  mend: z.array(lineSchema(300)).max(500),
});
export type PastClean = z.infer<typeof pastCleanSchema>;
