import { z } from 'zod';
import { type Parsed, parseDocument } from '../basics/fault';
import { dateSchema, dateTimeSchema, stepIdSchema } from '../basics/scalars';

/** The plan as others read and write it; see docs/formats/plan.md. */

const entrySchema = z.strictObject({
  step: stepIdSchema,
  people: z.array(stepIdSchema),
  start: dateTimeSchema,
  end: dateTimeSchema,
});

const sessionSchema = z.strictObject({
  id: stepIdSchema,
  person: stepIdSchema,
  date: dateSchema,
  start: dateTimeSchema,
  end: dateTimeSchema,
});

const UNPLACED_REASONS = [
  'no-time',
  'person',
  'machine',
  'weather',
  'daylight',
  'too-long',
  'predecessor',
  'deadline',
] as const;

const unplacedSchema = z.strictObject({
  task: stepIdSchema,
  reason: z.enum(UNPLACED_REASONS),
  message: z.string().max(2000),
});

const countSchema = z.int().min(0);

const metricsSchema = z.strictObject({
  finish: dateTimeSchema.nullable(),
  hands: countSchema,
  session: countSchema,
  idle: countSchema,
  unplaced: z.strictObject({ must: countSchema, should: countSchema, could: countSchema }),
  openRoomNights: countSchema,
  wishesBroken: countSchema,
});

export const planSchema = z.strictObject({
  format: z.literal('early-thaw/plan'),
  version: z.literal(1),
  problem: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 as 64 lower-case hex digits'),
  entries: z.array(entrySchema),
  sessions: z.array(sessionSchema),
  unplaced: z.array(unplacedSchema),
  metrics: metricsSchema,
});

export type Plan = z.infer<typeof planSchema>;
export type PlanEntry = z.infer<typeof entrySchema>;
export type PlanSession = z.infer<typeof sessionSchema>;
export type Unplaced = z.infer<typeof unplacedSchema>;
export type UnplacedReason = Unplaced['reason'];
export type Metrics = z.infer<typeof metricsSchema>;

export function parsePlan(text: string): Parsed<Plan> {
  return parseDocument(text, planSchema);
}
