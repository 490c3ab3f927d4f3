import { z } from 'zod';
import { ESTIMATES, FIRST_JOBS, MATTERS } from '../basics/choices';
import { dateSchema, idSchema, lineSchema, nameSchema, positiveMinutesSchema } from '../basics/scalars';
import { PRODUCT_SCHOOLS } from '../catalogue/work-kinds';
import { BELONGINGS } from '../home/scales';
import { GROUPINGS, SPREADS } from '../plan/problem';

/** One campaign: why, by when, and how a household goes about it. */

/** How a stretch of work is cut: as long as each person's breaks allow, in sprints with a rest, or until it is done. */
const blockSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('fixed') }),
  z.strictObject({
    kind: z.literal('sprints'),
    minutes: z.int().min(10).max(120),
    rest: z.int().min(1).max(60),
  }),
  z.strictObject({ kind: z.literal('until-done') }),
]);
export type Block = z.infer<typeof blockSchema>;

/** A sweep through a room: it ends when the minutes are over or the bags are full. */
export const sweepSchema = z.strictObject({
  minutes: z.int().min(5).max(120),
  bags: z.int().min(1).max(20),
});
export type Sweep = z.infer<typeof sweepSchema>;
export const USUAL_SWEEP: Sweep = { minutes: 15, bags: 2 };

export const cleanSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  reason: lineSchema(300),
  reward: lineSchema(200),
  start: dateSchema,
  finish: dateSchema,
  spread: z.enum(SPREADS),
  grouping: z.enum(GROUPINGS),
  firstJob: z.enum(FIRST_JOBS).default('any'),
  matters: z.enum(MATTERS).default('usual'),
  block: blockSchema.default({ kind: 'fixed' }),
  /** So many rooms may stand open of a night; absent: as many as go with the grouping. */
  openRooms: z.int().min(0).max(50).optional(),
  reserve: z.array(dateSchema).max(1000),
  sessionCap: positiveMinutesSchema.max(1440),
  products: z.enum(PRODUCT_SCHOOLS),
  belongings: z.enum(BELONGINGS).default('stop'),
  sweep: sweepSchema.default(USUAL_SWEEP),
  estimates: z.enum(ESTIMATES).default('rates'),
  /** The date on which it was closed: nothing more is done in it. */
  closed: dateSchema.optional(),
});
export type Clean = z.infer<typeof cleanSchema>;
